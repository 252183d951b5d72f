<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Harvest\NewHarvest;
use App\Models\Bucket;
use App\Models\Lot;
use DateTimeImmutable;

/** The evening after: what may be mixed, until when it settles, which jars, and whether they hold what they say. */
final class HoneyRoomTest extends FeatureTestCase
{
    use SmallOperation;

    private Lot $lot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $this->lot = app(NewHarvest::class)->open($this->apiary('Lime Row'), new DateTimeImmutable('2026-08-01'));
        $this->tickTheList();
        foreach ([[21.0, '17.0'], [21.0, '19.0'], [11.0, '22'], [11.0, '']] as [$gross, $water]) {
            $this->send('POST', "/honey-room/{$this->lot->id}/buckets", [
                'gross' => (string) $gross,
                'tare' => '1',
                'water' => $water,
            ])->assertStatus(303);
        }
    }

    public function test_buckets_are_blended_under_the_limit_and_what_is_left_is_said(): void
    {
        // 20 kg of 17 % and 20 kg of 19 % are 40 kg of 18 %; the third stays, the fourth is not read.
        $code = $this->lot->code;
        $this->get('/honey-room/blend?limit=18&calculate=1&'.http_build_query(['buckets' => Bucket::query()->pluck('id')->all()]))
            ->assertOk()
            ->assertSee("40.0\u{202F}kg")
            ->assertSee("of 18.0\u{202F}%")
            ->assertSee("$code / 3: 10.0\u{202F}kg", false)
            ->assertSee('1 more bucket has no water reading.');
        $this->get('/honey-room/blend?limit=17&calculate=1')->assertOk()->assertDontSee('Pour in this order');
        $this->get('/honey-room/blend?'.http_build_query(['limit' => ['x'], 'buckets' => 'x', 'calculate' => '1']))->assertOk();
        $bucket = Bucket::query()->orderBy('number')->firstOrFail();
        $this->send('PUT', "/honey-room/buckets/$bucket->id", ['gross' => '21', 'tare' => '1', 'water' => '55'])->assertStatus(422);
        $this->send('PUT', "/honey-room/buckets/$bucket->id", ['gross' => '21', 'tare' => '1', 'water' => '16.5'])->assertStatus(303);
        self::assertSame(16.5, $bucket->refresh()->water_pct);
        // A correction that says nothing of the water leaves it.
        $this->send('PUT', "/honey-room/buckets/$bucket->id", ['gross' => '22', 'tare' => '1'])->assertStatus(303);
        self::assertSame(16.5, $bucket->refresh()->water_pct);
    }

    public function test_jars_are_planned_settling_calculated_and_weights_checked(): void
    {
        $ask = [
            'honey' => '10.1',
            'net' => ['500', '250'],
            'stock' => ['100', '100'],
            'must' => ['', '3'],
            'depth' => '35',
            'water' => '17.5',
            'nominal' => '500',
            'weights' => '500 501,5 503',
        ];
        $page = $this->get('/honey-room/jars?'.http_build_query($ask))->assertOk();
        // 9,999 g: three small jars as ordered, then eighteen large ones; 249 g stay.
        $page->assertSee('<b>18</b>', false)->assertSee('<b>3</b>', false)->assertSee('249 g left');
        $page->assertSee('The rules of the average system are met.')->assertSee("33.6\u{202F}h");
        $this->get('/honey-room/jars?'.http_build_query(['weights' => '480 470'] + $ask))->assertSee('The rules are not met');
        $this->get('/honey-room/jars?'.http_build_query(['must' => ['90']] + $ask))
            ->assertOk()
            ->assertSee('need 35001 g more honey');
        $none = ['stock' => ['0', '0'], 'must' => ['', '']] + $ask;
        $this->get('/honey-room/jars?'.http_build_query($none))->assertOk()->assertSee('No jar can be filled');
        $this->get('/honey-room/jars')->assertOk()->assertDontSee('g left');
        foreach ([['net' => 'x'], ['net' => [['x']]], ['honey' => ['x']], ['honey' => '1e99'], ['net' => ['-5']], ['goal' => 'x'], ['nominal' => 'abc'], ['weights' => ['x']], ['net' => ['7'], 'honey' => '9000', 'stock' => ['99999']]] as $bad) {
            $this->get('/honey-room/jars?'.http_build_query($bad + $ask))->assertOk();
        }
    }

    public function test_an_empty_room_says_so(): void
    {
        Bucket::query()->get()->each(fn (Bucket $one) => $one->delete());
        $this->get('/honey-room/blend')->assertOk()->assertSee('No bucket is weighed yet.');
    }
}
