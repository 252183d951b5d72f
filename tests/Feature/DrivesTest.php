<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Days\Drives;
use App\Models\Apiary;
use App\Models\Drive;
use Illuminate\Support\Str;

/** What a drive takes: by the keeper's own minutes where they are known, else by the coordinates. */
final class DrivesTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_drives_are_calculated_until_the_keeper_knows_better(): void
    {
        [$e, $t] = $this->yards();
        $before = app(Drives::class)->minutes([$e, $t, $e]);
        // 7.1 km as the bird flies, times 1.3 at 50 km/h, and three minutes.
        self::assertEqualsWithDelta(
            3.0 +
                ((1.3 * 60.0) / 50.0) *
                    hypot((55.903 - 55.842) * 111.2, (13.472 - 13.441) * 111.2 * cos(deg2rad(55.842))),
            $before[1][2],
            0.06,
        );
        self::assertSame(0.0, $before[1][3]);
        $this->get('/clear/drives?from=ekbacken')
            ->assertOk()
            ->assertSee('From Ekbacken to')
            ->assertSee('calculated: ~14')
            ->assertSee('Honey room, minutes');
        $this->send('PUT', '/clear/drives', [
            'from' => 'ekbacken',
            'minutes' => [$t->id => '31', 'honey-room' => '12.5'],
        ])->assertStatus(303);
        $this->demo();
        $after = app(Drives::class)->minutes([$e, $t]);
        self::assertSame([31.0, 31.0, 12.5, 12.5], [$after[1][2], $after[2][1], $after[0][1], $after[1][0]]);
        self::assertSame($before[0][2], $after[0][2]);
        // The other end shows the same, and an empty field gives it back.
        $this->get('/clear/drives?from=tegelbruket')
            ->assertSee('value="31"', false)
            ->assertSee('yours; by the map ~14');
        $this->send('PUT', '/clear/drives', ['from' => 'tegelbruket', 'minutes' => [$e->id => '']])->assertStatus(303);
        self::assertSame(1, Drive::query()->count());
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame(31.0, app(Drives::class)->minutes([$e, $t])[1][2]);
    }

    public function test_a_form_sent_twice_or_from_both_ends_leaves_one_drive(): void
    {
        [$e, $t] = $this->yards();
        $key = (string) Str::ulid();
        foreach ([1, 2] as $time) {
            $this->send(
                'PUT',
                '/clear/drives',
                ['from' => 'ekbacken', 'minutes' => [$t->id => '20']],
                $key,
            )->assertStatus(303);
        }
        $this->send('PUT', '/clear/drives', [
            'from' => 'tegelbruket',
            'minutes' => [$e->id => '22', 'honey-room' => '9'],
        ])->assertStatus(303);
        $this->send('PUT', '/clear/drives', ['from' => 'honey-room', 'minutes' => [$t->id => '8']])->assertStatus(303);
        self::assertSame([8.0, 22.0], Drive::query()->orderBy('minutes')->pluck('minutes')->all());
    }

    public function test_what_is_no_drive_is_refused_and_kept_in_the_form(): void
    {
        [, $t] = $this->yards();
        $this->send(
            'PUT',
            '/clear/drives',
            ['from' => 'ekbacken', 'minutes' => [$t->id => '2000']],
            from: '/clear/drives?from=ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('A drive must take between 0 and 1,440 minutes.')
            ->assertSee('value="2000"', false);
        $this->send(
            'PUT',
            '/clear/drives',
            ['from' => 'ekbacken', 'minutes' => [$t->id => 'far']],
            from: '/clear/drives?from=ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('Minutes, as a number.');
        $this->send('PUT', '/clear/drives', ['from' => 'nowhere', 'minutes' => [$t->id => '5']])->assertNotFound();
        // Neither a yard of another operation nor the place itself is an end of a drive.
        $foreign = Apiary::query()
            ->withoutGlobalScope('operation')
            ->where('operation_id', '!=', $t->operation_id)
            ->firstOrFail();
        $this->send('PUT', '/clear/drives', [
            'from' => 'tegelbruket',
            'minutes' => [$foreign->id => '5', $t->id => '7'],
        ])->assertStatus(303);
        self::assertSame(0, Drive::query()->count());
        $this->as('helper')
            ->send('PUT', '/clear/drives', ['from' => 'ekbacken', 'minutes' => [$t->id => '5']])
            ->assertForbidden();
    }

    /** @return array{Apiary, Apiary} */
    private function yards(): array
    {
        return [
            Apiary::query()->where('slug', 'ekbacken')->firstOrFail(),
            Apiary::query()->where('slug', 'tegelbruket')->firstOrFail(),
        ];
    }
}
