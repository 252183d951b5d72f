<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Foundation\Places\Gazetteer;
use App\Models\Apiary;
use App\Models\Operation;
use PHPUnit\Framework\Attributes\TestWith;

/** A place is named by a town near it; coordinates are for those who have them. */
final class PlacesTest extends FeatureTestCase
{
    use SmallOperation;

    private const YARD = [
        'name' => 'By the church',
        'letter' => 'K',
        'hives' => '1',
        'brood_kind' => 'langstroth-deep-10',
        'brood_boxes' => '1',
        'super_kind' => 'langstroth-medium-10',
        'supers' => '1',
    ];

    /** Coordinates of the towns: from memory, to a tenth of a degree. */
    #[TestWith(['Uppsala', 59.9, 17.6])]
    #[TestWith(['  zürich, switzerland ', 47.4, 8.5])]
    #[TestWith(['Cambridge, GB', 52.2, 0.1])]
    #[TestWith(['Dunedin, New Zealand', -45.9, 170.5])]
    #[TestWith(['-45.9, 170.5', -45.9, 170.5])]
    #[TestWith(['58.4 13.4', 58.4, 13.4])]
    public function test_a_yard_stands_where_its_town_is(string $place, float $latitude, float $longitude): void
    {
        $this->operation();
        $this->send('POST', '/yards', self::YARD + ['place' => $place])->assertStatus(303);
        $yard = Apiary::query()->where('name', 'By the church')->firstOrFail();
        self::assertEqualsWithDelta([$latitude, $longitude], [$yard->latitude, $yard->longitude], 0.1);
    }

    public function test_a_name_of_many_towns_or_of_none_is_asked_about_and_nothing_is_lost(): void
    {
        $this->operation();
        $this->send('POST', '/yards', self::YARD + ['place' => 'Springfield'], from: '/yards')
            ->assertStatus(422)
            ->assertSee('towns have this name')
            ->assertSee('Springfield, United States (')
            ->assertSee('By the church');
        $this->send('POST', '/yards', self::YARD + ['place' => 'Upsal'], from: '/yards')
            ->assertStatus(422)
            ->assertSee('No town is called');
        $this->send('POST', '/yards', self::YARD, from: '/yards')
            ->assertStatus(422)
            ->assertSee('Where is the yard? Enter a town near it');
        // One of the many, as it is offered.
        $label = (new Gazetteer)->beginning('springf', 8)[1]->label();
        $this->send('POST', '/yards', self::YARD + ['place' => $label])->assertStatus(303);
    }

    public function test_the_honey_room_and_a_yard_that_stands_move_to_a_town(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $room = ['name' => 'Ours', 'time_zone' => 'UTC', 'crew' => '1', 'escape_boards' => '0', 'fume_boards' => '0'];
        $this->send('PUT', '/account/operation-settings', $room + ['place' => 'Uppsala', 'latitude' => '1', 'longitude' => '2'])
            ->assertStatus(303);
        self::assertEqualsWithDelta(17.6, Operation::query()->where('name', 'Ours')->firstOrFail()->longitude, 0.1);
        $this->get('/places?place=upp')->assertOk()->assertSee('Uppsala, Sweden (59.86, 17.6');
        $this->get('/places?place=u')->assertOk()->assertDontSee('option');
        $this->get('/places?'.http_build_query(['place' => ['x']]))->assertOk();
        $this->send('PUT', "/yards/$yard->slug", ['name' => $yard->name, 'place' => 'Uppsala', 'climate' => $yard->climate])
            ->assertStatus(303);
        self::assertEqualsWithDelta(59.9, $yard->refresh()->latitude, 0.1);
    }
}
