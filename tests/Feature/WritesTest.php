<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Foundation\Writes\Activity;
use App\Foundation\Writes\Bin;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Bucket;
use App\Models\FlowSign;
use App\Models\FrameLook;
use App\Models\Hive;
use App\Models\Lot;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Every write is one, undoable, and safe to send twice. */
final class WritesTest extends FeatureTestCase
{
    public function test_the_same_write_sent_twice_is_done_once(): void
    {
        $this->as('keeper')->demo();
        $lot = Lot::query()->firstOrFail();
        $before = $lot->buckets()->count();
        $key = (string) Str::ulid();
        $first = $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '20', 'tare' => '1'], $key);
        $second = $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '20', 'tare' => '1'], $key);
        $first->assertStatus(303);
        $second->assertStatus(303)->assertHeader('Idempotency-Replayed', 'true');
        self::assertSame($first->headers->get('Location'), $second->headers->get('Location'));
        self::assertSame($before + 1, $lot->buckets()->count());
        $this->call('POST', "/honey-room/$lot->id/buckets", ['gross' => '20', 'tare' => '1'])->assertStatus(400);
    }

    public function test_undo_takes_back_a_whole_write_and_then_the_one_before(): void
    {
        $this->as('keeper')->demo();
        $lot = Lot::query()->with('buckets')->firstOrFail();
        $allotted = $lot->harvest->supers()->pluck('allotted_kg', 'id')->all();
        $count = $lot->buckets->count();
        $this->send('POST', '/watch/ekbacken/signs', ['seen' => 'new-wax:seen'])->assertStatus(303);
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '20', 'tare' => '1'])->assertStatus(303);
        self::assertNotEquals($allotted, $lot->harvest->supers()->pluck('allotted_kg', 'id')->all());
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($count, Bucket::query()->where('lot_id', $lot->id)->count());
        self::assertEquals($allotted, $lot->harvest->supers()->pluck('allotted_kg', 'id')->all());
        self::assertSame(
            1,
            FlowSign::query()
                ->where('sign', 'new-wax')
                ->whereHas('apiary', fn ($yard) => $yard->where('slug', 'ekbacken'))
                ->count(),
        );
        $this->send('POST', '/undo');
        self::assertSame(
            0,
            FlowSign::query()
                ->where('sign', 'new-wax')
                ->whereHas('apiary', fn ($yard) => $yard->where('slug', 'ekbacken'))
                ->count(),
        );
        self::assertGreaterThan(0, Activity::ofThisOperation()->whereNotNull('undone_at')->count());
    }

    public function test_one_persons_undo_leaves_anothers_work_alone(): void
    {
        $this->as('helper')->demo();
        $this->send('POST', '/watch/tegelbruket/signs', ['seen' => 'main-bloom:on'])->assertStatus(303);
        $this->as('keeper');
        $this->send('POST', '/undo')->assertStatus(303)->assertSessionHas('undone', 'Nothing is left to undo.');
    }

    public function test_two_people_at_one_frame_see_both_values(): void
    {
        $this->as('keeper')->demo();
        $box = Hive::query()
            ->where('code', 'E4')
            ->with('places.box')
            ->firstOrFail()
            ->places->where('role', 'super')
            ->firstOrFail()->box;
        $face = static fn (float $capped): array => ['a' => ['capped' => $capped], 'b' => ['capped' => $capped]];
        $put = fn (array $faces, ?int $version) => $this->putJson(
            "/assess/boxes/$box->id/frames/4",
            $faces + ['version' => $version],
            ['Idempotency-Key' => (string) Str::ulid()],
        );
        $put($face(0.5), null)->assertOk();
        $put($face(0.6), 1)->assertOk()->assertJsonPath('version', 2);
        $put($face(0.9), 1)
            ->assertStatus(409)
            ->assertJsonPath('theirs.a.capped', 0.6)
            ->assertJsonPath('theirs.version', 2);
        self::assertEqualsWithDelta(
            0.6,
            FrameLook::query()
                ->where('slot', 4)
                ->whereHas('assessment', fn ($look) => $look->where('box_id', $box->id))
                ->firstOrFail()->a_capped,
            1e-9,
        );
    }

    public function test_what_is_removed_lies_in_the_bin_and_comes_back(): void
    {
        $this->as('keeper')->demo();
        $bucket = Bucket::query()->firstOrFail();
        $this->send('DELETE', "/honey-room/buckets/$bucket->id")->assertStatus(303);
        $this->get('/account/bin')
            ->assertOk()
            ->assertSee('Bucket '.$bucket->number);
        $this->send('POST', "/account/bin/bucket/$bucket->id")->assertStatus(303);
        self::assertNotNull(Bucket::query()->find($bucket->id));
        self::assertSame(0, Bin::emptyOlderThan(now()->subDays(30)));
    }

    public function test_a_box_stands_in_one_place_also_for_the_database(): void
    {
        $this->demo();
        $place = BoxPlace::query()->whereNull('until')->firstOrFail();
        $other = Hive::query()->whereKeyNot($place->hive_id)->firstOrFail();
        $this->expectException(QueryException::class);
        DB::table('box_places')->insert([
            'id' => (string) Str::ulid(),
            'operation_id' => $place->operation_id,
            'box_id' => $place->box_id,
            'hive_id' => $other->id,
            'position' => 9,
            'role' => 'super',
            'since' => '2026-08-01',
        ]);
    }

    public function test_boxes_move_and_remember_where_they_were(): void
    {
        $this->as('keeper')->demo();
        $hive = Hive::query()->where('code', 'E3')->with('places.box')->firstOrFail();
        $top = $hive->places->last();
        self::assertNotNull($top);
        $this->send('POST', "/yards/boxes/$top->box_id/move", ['hive' => 'e9'])->assertStatus(303);
        $box = Box::query()
            ->with(['place.hive', 'history'])
            ->findOrFail($top->box_id);
        self::assertSame('E9', $box->place?->hive->code);
        self::assertSame('2026-08-04', $box->history->firstWhere('hive_id', $hive->id)?->until?->format('Y-m-d'));
        $this->send('POST', "/yards/boxes/$top->box_id/off")->assertStatus(303);
        $this->send('POST', '/yards/hives/'.$hive->id.'/boxes', [
            'box' => $top->box_id,
            'role' => 'super',
        ])->assertStatus(303);
        self::assertSame('E3', Box::query()->with('place.hive')->findOrFail($top->box_id)->place?->hive->code);
    }

    public function test_a_policy_change_makes_a_version_and_bends_the_verdicts(): void
    {
        $this->as('keeper')->demo();
        $values = [
            'school' => 'capped-only',
            'capped_min' => 75,
            'water_max_pct' => 18,
            'heather_water_max_pct' => 21,
            'confidence' => 80,
            'unit' => 'supers',
            'clearing' => 'choose',
            'winter_confidence' => 95,
            'winter_from' => '10-01',
            'first_flow' => '04-20',
            'fill_capped' => 70,
            'fill_open' => 35,
        ];
        $this->get('/assess/ekbacken')->assertSee('take 2');
        $this->send('PUT', '/account/policy', $values)->assertStatus(303);
        self::assertSame(2, $this->demo()->policy_version);
        $this->get('/assess/ekbacken')->assertDontSee('take 2');
    }

    public function test_yards_cannot_go_while_hives_stand_there(): void
    {
        $this->as('keeper')->demo();
        $this->send('DELETE', '/yards/ekbacken', from: '/yards/ekbacken')
            ->assertStatus(422)
            ->assertSee('This yard still has hives');
        self::assertTrue(Apiary::query()->where('slug', 'ekbacken')->exists());
    }
}
