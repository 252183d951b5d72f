<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Harvest\LotLedger;
use App\Apiary\Harvest\NewHarvest;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Batch;
use App\Models\BoxPlace;
use App\Models\Bucket;
use App\Models\BucketKind;
use App\Models\ExtractorLoad;
use App\Models\Hive;
use App\Models\JarFill;
use App\Models\JarKind;
use App\Models\Lot;
use App\Models\Pour;
use App\Models\Role;
use App\Models\RoomAirReading;
use App\Models\RoomCheck;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Models\User;
use App\Pages\HoneyRoom\Batches\LabelLaw;
use App\Pages\HoneyRoom\Extracting\NextLoads;
use App\Pages\HoneyRoom\LotStacks;
use App\Pages\HoneyRoom\SuperFrame;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\Attributes\TestWith;

/** From the supers at the door to the jar on the shelf: what is tapped, weighed, poured and filled hangs together. */
final class HoneyBenchTest extends FeatureTestCase
{
    use SmallOperation;

    private Lot $lot;

    /** @var list<TakenSuper> */
    private array $supers = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation(['extractor' => 4]);
        $apiary = $this->apiary();
        $this->lot = app(NewHarvest::class)->open($apiary, new DateTimeImmutable('2026-08-03'));
        foreach (['LR1', 'LR2', 'LR3'] as $i => $code) {
            $this->supers[] = $this->taken($this->hive($apiary, $code), 10.0 + 2.0 * $i);
        }
        $this->tickTheList();
    }

    /** Whatever a test did: what stands beside each super is what its lot's account says. */
    protected function tearDown(): void
    {
        foreach (Lot::query()->get() as $lot) {
            $allotted = static fn (): array => TakenSuper::query()
                ->where('harvest_id', $lot->harvest_id)
                ->orderBy('id')
                ->get()
                ->map(static fn (TakenSuper $one): array => [$one->allotted_kg, $one->allotted_sd_kg])
                ->all();
            $stored = $allotted();
            LotLedger::settle($lot);
            self::assertSame($stored, $allotted(), "Lot $lot->code");
        }
        parent::tearDown();
    }

    public function test_a_super_goes_where_it_can_go_and_nowhere_else(): void
    {
        [$one, $two] = $this->supers;
        $one->update(['station' => Station::Home]);
        $two->update(['station' => Station::Spun]);
        $this->send('POST', "/honey-room/door/$one->id")->assertStatus(422)->assertSee('back in a hive already');
        $this->send('POST', '/honey-room/warm/move', ['to' => 'dry', 'supers' => [$one->id]])
            ->assertStatus(422)
            ->assertSee('back in a hive already');
        $this->send('POST', "/honey-room/door/$one->id/use", ['use' => 'comb', 'kg' => '3'])
            ->assertStatus(422)
            ->assertSee('is extracted already');
        $this->send('POST', "/honey-room/door/$two->id/missing", ['where' => 'unknown'])
            ->assertStatus(422)
            ->assertSee('it did come');
        $this->send('POST', '/honey-room/extractor/spun', ['supers' => [$two->id]])
            ->assertStatus(422)
            ->assertSee('wet, dripping already');
        self::assertSame([Station::Home, Station::Spun], [$one->refresh()->station, $two->refresh()->station]);
    }

    public function test_supers_are_ticked_at_the_door_and_what_did_not_come_is_asked_about(): void
    {
        [$one, $two, $three] = $this->supers;
        $this->get('/honey-room/door')->assertOk()->assertSee('All 3 are here')->assertDontSee('is not ticked');
        $arrival = ['before' => '16.2', 'water' => '17.4', 'bees' => '1'];
        $this->send('POST', "/honey-room/door/$one->id", $arrival)->assertStatus(303);
        $one->refresh();
        self::assertSame([Station::Door, 16.2, true], [$one->station, $one->before_kg, $one->bees_left]);
        self::assertSame(17.4, $one->readings()->firstOrFail()->water_pct);
        $this->get('/honey-room/door')->assertSee('2 supers of the sheet are not ticked')->assertSee('the bees fly to the light');
        $this->get('/honey-room')->assertSee('have not come. Where are they?');
        // One stands on its hive still: it is as if it had never been taken.
        $this->send('POST', "/honey-room/door/$two->id/missing", ['where' => 'hive'])->assertStatus(303);
        self::assertNull(TakenSuper::query()->find($two->id));
        self::assertSame($two->hive_id, BoxPlace::query()->where('box_id', $two->box_id)->whereNull('until')->value('hive_id'));
        // Of the other nobody knows: it counts nowhere.
        $this->send('POST', "/honey-room/door/$three->id/missing", ['where' => 'unknown'])->assertStatus(303);
        $this->weigh(10.0);
        self::assertSame([10.0, 0.0], [$this->got($one), $this->got($three)]);
        $this->send('POST', "/honey-room/door/$one->id/missing", ['where' => 'hive'])->assertStatus(422)->assertSee('it did come');
        // Found after all.
        $this->send('POST', "/honey-room/door/$three->id")->assertStatus(303);
        self::assertSame(Station::Door, $three->refresh()->station);
    }

    public function test_one_more_came_than_the_sheet_said(): void
    {
        $box = $this->super(Hive::query()->where('code', 'LR1')->firstOrFail(), 1);
        $this->get('/honey-room/door')->assertSee('another super came');
        $this->send('POST', "/honey-room/{$this->lot->id}/more", ['box' => $box->id])->assertStatus(303);
        self::assertSame(Station::Door, TakenSuper::query()->where('box_id', $box->id)->firstOrFail()->station);
        self::assertNull($box->refresh()->place);
        $this->send('POST', "/honey-room/{$this->lot->id}/more", ['box' => $box->id])->assertStatus(422)->assertSee('is on no hive');
    }

    public function test_supers_that_no_sheet_knows_come_by_hand(): void
    {
        $other = $this->apiary('Far Field');
        $hive = $this->hive($other, 'FF1', supers: 3);
        $boxes = [$this->super($hive, 1)->id, $this->super($hive, 2)->id];
        $this->get("/honey-room/door?yard=$other->slug")->assertOk()->assertSee('These came in');
        $form = ['yard' => $other->slug, 'on' => '2026-08-02', 'boxes' => $boxes];
        foreach ([['yard' => 'x'], ['on' => '2026-08-09'], ['boxes' => []], ['boxes' => ['x']], ['boxes' => 'x']] as $bad) {
            $this->send('POST', '/honey-room/door', $bad + $form)->assertStatus(422);
        }
        $this->send('POST', '/honey-room/door', $form)->assertStatus(303);
        $taken = TakenSuper::query()->whereIn('box_id', $boxes)->with('harvest.lot')->get();
        self::assertSame(['2026-08-02'], $taken->map(fn (TakenSuper $one): string => $one->harvest->taken_on->format('Y-m-d'))->unique()->all());
        self::assertSame([Station::Door, Station::Door], $taken->pluck('station')->all());
        $this->get('/honey-room/door')->assertSee('FF1');
        $this->send('POST', '/honey-room/door', $form)->assertStatus(422)->assertSee('is on no hive');
    }

    public function test_the_same_bucket_weighed_twice_is_asked_about(): void
    {
        $bucket = ['gross' => '14.2', 'tare' => '1.2'];
        $url = "/honey-room/{$this->lot->id}/buckets";
        $this->send('POST', $url, $bucket)->assertStatus(303);
        $this->send('POST', $url, $bucket, from: "/honey-room/{$this->lot->id}")
            ->assertStatus(422)
            ->assertSee('Bucket 1 had the same weight')
            ->assertSee('another bucket of the same weight');
        self::assertSame(1, Bucket::query()->count());
        $this->send('POST', $url, ['again' => '1'] + $bucket)->assertStatus(303);
        $this->send('POST', $url, ['gross' => '14.3'] + $bucket)->assertStatus(303);
        self::assertSame(3, Bucket::query()->count());
    }

    public function test_honey_that_is_not_extracted_counts_in_the_yield_once(): void
    {
        [$one, $two, $three] = $this->supers;
        $this->send('POST', "/honey-room/door/$one->id/use", ['use' => 'comb', 'kg' => '7.5'])->assertStatus(303);
        $this->send('POST', "/honey-room/door/$two->id/use", ['use' => 'kept'])->assertStatus(303);
        $this->weigh(13.0);
        // All that is in the bucket is of the third; the comb honey as weighed, the other as judged.
        self::assertSame([7.5, null, 13.0], [$this->got($one), $this->got($two), $this->got($three)]);
        $csv = $this->get('/compare.csv')->streamedContent();
        self::assertStringContainsString('LR1,2026,,,1,0,7.5', $csv);
        self::assertStringContainsString('LR2,2026,,,1,0,12', $csv);
        $this->send('POST', "/honey-room/door/$three->id/use", ['use' => 'wax'])->assertStatus(422);
    }

    public function test_the_warm_room_says_when_it_is_dry_and_refuses_what_no_room_can_be(): void
    {
        [$one, $two] = $this->supers;
        $this->get('/honey-room/warm')->assertOk()->assertSee('No reading yet. Assumed')->assertSee('The warm room is empty.');
        $this->send('POST', '/honey-room/warm/move', ['to' => 'dry', 'supers' => [$one->id]])->assertStatus(422)->assertSee('has not come to the door');
        $this->send('POST', "/honey-room/{$this->lot->id}/arrive")->assertStatus(303);
        $this->send('POST', '/honey-room/warm/move', ['to' => 'dry', 'supers' => [$one->id, $two->id]])->assertStatus(303);
        $this->send('POST', '/honey-room/warm/air', ['celsius' => '31', 'humidity' => '38'])->assertStatus(303);
        $this->send('POST', "/honey-room/warm/$one->id/reading", ['water' => '19.4'])->assertStatus(303);
        $this->get('/honey-room/warm')->assertSee('dry enough about')->assertSee("this air ends at 13.7\u{202F}%");
        $this->get('/honey-room/warm?humidity=65')->assertSee('At 65 % humidity instead:')->assertSee("stays too wet in this air: it ends at 20.9\u{202F}%");
        $this->get('/honey-room/warm?humidity=x')->assertOk();
        foreach ([['celsius' => '31', 'humidity' => '140'], ['celsius' => '90', 'humidity' => '40'], ['celsius' => 'x'], []] as $bad) {
            $this->send('POST', '/honey-room/warm/air', $bad)->assertStatus(422);
        }
        // A sensor that says 140 % is wet or broken.
        $this->send('POST', '/honey-room/warm/sensor')->assertStatus(422)->assertSee('No sensor is entered');
        $this->send('PUT', '/honey-room/equipment/devices', ['room_sensor' => 'stand-in'])->assertStatus(303);
        Http::fakeSequence()
            ->push(['temperature_c' => 30, 'humidity_pct' => 140])
            ->push(['temperature_c' => 'warm'])
            ->pushStatus(500)
            ->push(['temperature_c' => 30.4, 'humidity_pct' => 37.2]);
        $this->send('POST', '/honey-room/warm/sensor')->assertStatus(422)->assertSee('which no room has');
        $this->send('POST', '/honey-room/warm/sensor')->assertStatus(422)->assertSee('impossible values');
        $this->send('POST', '/honey-room/warm/sensor')->assertStatus(422)->assertSee('did not answer');
        self::assertSame(1, RoomAirReading::query()->count());
        $this->send('POST', '/honey-room/warm/sensor')->assertStatus(303);
        self::assertSame(37.2, RoomAirReading::query()->latest('id')->firstOrFail()->humidity_pct);
        // Dry and thick: not dried but warmed.
        $this->send('POST', "/honey-room/warm/$one->id/reading", ['water' => '14.4'])->assertStatus(303);
        $this->send('POST', "/honey-room/warm/$two->id/reading", ['water' => '14.2'])->assertStatus(303);
        $one->readings()->where('water_pct', '>', 19)->delete();
        $this->get('/honey-room/warm')->assertSee('is dry and thick: warm the honey to');
    }

    public function test_the_sensor_is_asked_by_itself_while_something_dries(): void
    {
        $operation = app(CurrentOperation::class)->get();
        $operation->update(['room_sensor' => 'stand-in', 'demo_today' => null]);
        Http::fake(['*/air' => Http::sequence()
            ->push(['temperature_c' => 30.4, 'humidity_pct' => 37.2])
            ->pushStatus(500)]);
        self::assertSame(0, Artisan::call('room:read'));
        app(CurrentOperation::class)->enter($operation, Role::Owner);
        self::assertSame(0, RoomAirReading::query()->count(), 'nothing stands in the room');
        $this->supers[0]->update(['station' => Station::Dry, 'arrived_at' => now()->subDay()]);
        self::assertSame(0, Artisan::call('room:read'));
        self::assertSame(0, Artisan::call('room:read'));
        app(CurrentOperation::class)->enter($operation, Role::Owner);
        self::assertSame([37.2], RoomAirReading::query()->pluck('humidity_pct')->all(), 'a silent sensor is no air');
    }

    public function test_a_load_goes_round_and_its_supers_are_empty_then(): void
    {
        [$one, $two] = $this->supers;
        $this->get('/honey-room/extractor')->assertOk()->assertSee('No full super or frame is waiting');
        $this->send('POST', '/honey-room/extractor/spun', ['supers' => [$one->id]])->assertStatus(422)->assertSee('has not come to the door');
        $this->send('POST', "/honey-room/door/$one->id", ['fresh' => '1'])->assertStatus(303);
        $this->send('POST', "/honey-room/door/$two->id", ['water' => '19.5'])->assertStatus(303);
        $this->get('/honey-room/extractor')
            ->assertSee('10 frames wait')
            ->assertSee('3 loads')
            ->assertSee('1 super is too wet')
            ->assertSee('Even slower');
        for ($n = 1; $n <= 3; $n++) {
            $this->send('POST', '/honey-room/extractor/load', ['slot' => $this->proposed()])->assertStatus(303);
            $load = ExtractorLoad::query()->whereNull('spun_at')->firstOrFail();
            $this->send('POST', '/honey-room/extractor/load', ['slot' => ['1' => "$one->id-1"]])->assertStatus(422)->assertSee('has a load already');
            $this->send('POST', "/honey-room/extractor/$load->id/step", ['step' => '0'])->assertStatus(303);
            $this->send('POST', "/honey-room/extractor/$load->id/step", ['step' => '2'])->assertStatus(422)->assertSee('Someone else changed the run');
            $this->get('/honey-room/extractor')->assertSee('data-ends')->assertSee('Turned');
            $this->get('/honey-room')->assertSee('run 1');
            self::assertSame(Station::Door, $one->refresh()->station, 'not before its last frame is spun');
            $this->send('POST', "/honey-room/extractor/$load->id/spun")->assertStatus(303);
            $this->send('POST', "/honey-room/extractor/$load->id/spun")->assertStatus(422)->assertSee('extracted already');
        }
        self::assertSame(Station::Spun, $one->refresh()->station);
        $sizes = ExtractorLoad::query()->withCount('frames')->orderBy('id')->pluck('frames_count')->all();
        self::assertSame([4, 4, 2], $sizes, 'two alike stand opposite each other: nothing need balance them');
        // What is in the bucket came from what is spun.
        $this->weigh(9.0);
        self::assertSame([9.0, null], [$this->got($one), $this->got($two)]);
        $this->get("/honey-room/{$this->lot->id}")->assertSee('1 of 3 extracted');
        // The other stands full at the door: no hive gets it as an empty one.
        $this->send('POST', "/yards/hives/$two->hive_id/boxes", ['box' => $two->box_id, 'role' => 'super'])
            ->assertStatus(422)
            ->assertSee('is full in the honey room');
        // Wet, it goes home: on top of its hive again.
        $this->send('POST', "/honey-room/{$this->lot->id}/wet", ['to' => 'cleaning'])->assertStatus(422)->assertSee('healthy');
        $this->send('POST', "/honey-room/{$this->lot->id}/wet", ['to' => 'home'])->assertStatus(303);
        self::assertSame($one->hive_id, $one->box->place()->value('hive_id'));
        // After the flow it fills no more: in a month it is no harvest.
        $yard = $this->lot->harvest->apiary;
        $this->flowIsOver($yard);
        $this->itIs('2026-09-02');
        $this->get("/assess/$yard->slug/{$one->hive->code}")->assertSee('The flow was over by then, so it holds little.');
        $this->send('POST', "/honey-room/{$this->lot->id}/wet", ['to' => 'home'])->assertStatus(422)->assertSee('No wet super');
        $this->send('POST', '/honey-room/extractor/load', ['slot' => ['1' => "$one->id-1"]])->assertStatus(422)->assertSee('extracted already');
        $this->send('POST', '/honey-room/extractor/load', ['slot' => ['9' => "$two->id-1"]])->assertStatus(422)->assertSee('has 4 slots');
    }

    public function test_what_is_to_be_done_with_wet_supers_stands_on_the_desk(): void
    {
        $this->send('POST', "/honey-room/{$this->lot->id}/arrive")->assertStatus(303);
        $ids = array_map(static fn (TakenSuper $one): string => $one->id, $this->supers);
        $this->send('POST', '/honey-room/extractor/spun', ['supers' => $ids])->assertStatus(303);
        $to = ['to' => 'cleaning', 'healthy' => '1'];
        $this->send('POST', "/honey-room/{$this->lot->id}/wet", $to)->assertStatus(303);
        $this->get('/')->assertSee('fetch the cleaned supers');
        // Cleaned, they go into store.
        $this->send('POST', "/honey-room/{$this->lot->id}/wet", ['to' => 'store'])->assertStatus(303);
        $this->get('/')->assertSee('wax moth');
        self::assertSame(3, TakenSuper::query()->where('station', Station::Stored)->count());
    }

    public function test_who_taps_nothing_but_buckets_puts_the_lot_away_at_once(): void
    {
        $this->send('POST', "/honey-room/{$this->lot->id}/away")->assertStatus(422)->assertSee('No bucket of lot');
        $this->weigh(30.0);
        $shared = array_map($this->got(...), $this->supers);
        self::assertEqualsWithDelta(30.0, array_sum(array_map(floatval(...), $shared)), 0.002, 'all share where none is tapped');
        $this->get("/honey-room/{$this->lot->id}")->assertSee('All extracted and stored');
        $this->send('POST', "/honey-room/{$this->lot->id}/away")->assertStatus(303);
        self::assertSame($shared, array_map($this->got(...), $this->supers));
        $this->get('/honey-room/door')->assertSee('No super is on its way.');
        $this->get("/honey-room/{$this->lot->id}")->assertDontSee('All extracted and stored');
    }

    public function test_a_frame_on_the_scale_is_calculated_with_what_it_weighs(): void
    {
        $one = $this->supers[0];
        $url = "/honey-room/extractor/frames/$one->id";
        $this->send('PUT', "$url/1", ['kg' => '2.4'])->assertStatus(422)->assertSee('is not waiting here');
        $this->send('POST', "/honey-room/door/$one->id")->assertStatus(303);
        foreach ([1 => '2.4', 2 => '1.1', 3 => '2.4', 4 => '1.1'] as $slot => $kg) {
            $this->send('PUT', "$url/$slot", ['kg' => $kg])->assertStatus(303);
        }
        $waiting = app(NextLoads::class)->waiting(app(LotStacks::class)->read(['hive', 'box', 'spinning', 'readings']));
        self::assertSame([2400.0, 1100.0, 2400.0, 1100.0], array_map(
            static fn (SuperFrame $frame): float => $frame->grams(),
            array_slice(array_values($waiting), 0, 4),
        ));
        foreach ([['kg' => '9'], ['kg' => '0'], ['kg' => 'x'], [], ['weigh' => 'scale']] as $bad) {
            $this->send('PUT', "$url/1", $bad)->assertStatus(422);
        }
        $this->send('PUT', "$url/11", ['kg' => '2'])->assertStatus(422);
        $this->send('PUT', '/honey-room/equipment/devices', ['bench_scale' => 'stand-in'])->assertStatus(303);
        Http::fakeSequence()->push(['kg' => 27.4])->push(['kg' => 2.05]);
        $this->send('PUT', "$url/5", ['weigh' => 'scale'])->assertStatus(422)->assertSee('A frame weighs at most');
        $this->send('PUT', "$url/5", ['weigh' => 'scale'])->assertStatus(303);
        $this->get('/honey-room/extractor')->assertOk()->assertSee('On the scale');
    }

    public function test_before_the_first_honey_of_the_day_the_list_is_ticked(): void
    {
        RoomCheck::query()->forceDelete();
        $bucket = ['gross' => '12', 'tare' => '1'];
        $this->send('POST', "/honey-room/{$this->lot->id}/buckets", $bucket)->assertStatus(422)->assertSee('tick the list');
        $this->get("/honey-room/{$this->lot->id}")->assertSee('The tank\'s gate is shut.');
        $this->send('POST', '/honey-room/checks', ['checks' => ['gate' => '1']])->assertStatus(422)->assertSee('The gasket is whole');
        $this->tickTheList();
        $this->send('POST', "/honey-room/{$this->lot->id}/buckets", $bucket)->assertStatus(303);
    }

    public function test_a_bucket_is_weighed_by_the_scale_with_the_tare_of_its_kind(): void
    {
        $url = "/honey-room/{$this->lot->id}/buckets";
        $this->send('POST', $url, ['weigh' => 'scale', 'tare' => '1'])->assertStatus(422)->assertSee('No scale is entered');
        $this->send('PUT', '/honey-room/equipment/devices', ['bench_scale' => 'stand-in'])->assertStatus(303);
        $this->send('PUT', '/honey-room/equipment/devices', ['bench_scale' => 'http://example.com/'])->assertStatus(422);
        $this->send('POST', '/honey-room/equipment/buckets', ['name' => 'White', 'tare' => '1.2', 'holds' => '27'])->assertStatus(303);
        $kind = BucketKind::query()->value('id');
        Http::fakeSequence()
            ->push(['kg' => 12.4, 'stable' => false])
            ->push(['kg' => 0.4])
            ->push(['kg' => -3])
            ->push(['kg' => 12.4, 'stable' => true]);
        $this->send('POST', $url, ['weigh' => 'scale', 'kind' => $kind])->assertStatus(422)->assertSee('is not steady yet');
        $this->send('POST', $url, ['weigh' => 'scale', 'kind' => $kind])->assertStatus(422)->assertSee('less than its tare');
        $this->send('POST', $url, ['weigh' => 'scale', 'kind' => $kind])->assertStatus(422)->assertSee('an impossible weight');
        $this->send('POST', $url, ['weigh' => 'scale', 'kind' => $kind])->assertStatus(303);
        self::assertEqualsWithDelta(11.2, Bucket::query()->firstOrFail()->netKg(), 1e-9);
    }

    public function test_buckets_settle_are_jarred_and_each_jar_leads_back_and_forward(): void
    {
        $this->send('POST', "/honey-room/door/{$this->supers[0]->id}", ['water' => '17.6'])->assertStatus(303);
        $this->weigh(20.0, '17.2');
        $this->weigh(10.0, '18.4');
        [$first, $second] = Bucket::query()->orderBy('number')->get()->all();
        $batch = ['pour' => [$first->id => '20', $second->id => '4'], 'depth' => '30', 'celsius' => '30', 'tank' => 'Blue'];
        $this->send('POST', '/honey-room/batches', ['pour' => [$first->id => '21']] + $batch)->assertStatus(422)->assertSee('cannot be poured out of it');
        $this->send('POST', '/honey-room/batches', ['pour' => []] + $batch)->assertStatus(422);
        $this->send('POST', '/honey-room/batches', $batch)->assertStatus(303);
        $one = Batch::query()->firstOrFail();
        self::assertSame('B26-1', $one->code);
        $this->get("/honey-room/batches/$one->id")->assertOk()->assertSee("17.4\u{202F}%")->assertSee('No kind of jar yet.');
        $this->send('POST', '/honey-room/equipment/jars', ['name' => 'Pound', 'net_g' => '500', 'stock' => '30'])->assertStatus(303);
        $kind = JarKind::query()->firstOrFail();
        $fill = ['kind' => $kind->id, 'count' => '40', 'weights' => '500 501 499,5'];
        $this->send('POST', "/honey-room/batches/$one->id/fills", ['count' => '60'] + $fill)->assertStatus(422)->assertSee('60 jars hold');
        $this->send('POST', "/honey-room/batches/$one->id/fills", ['weights' => '500 x'] + $fill)->assertStatus(422)->assertSee('is not a jar weight');
        $this->send('POST', "/honey-room/batches/$one->id/fills", $fill)->assertStatus(303);
        self::assertSame(0, $kind->refresh()->stock, 'more stood there than anyone had counted');
        $jars = JarFill::query()->firstOrFail();
        $this->send('POST', "/honey-room/fills/$jars->id/moves", ['count' => '41'])->assertStatus(422)->assertSee('Only 40');
        $this->send('POST', "/honey-room/fills/$jars->id/moves", ['count' => '12', 'whom' => 'Corner shop'])->assertStatus(303);
        $this->get("/honey-room/batches/$one->id")
            ->assertSee('the rules of the average system are met')
            ->assertSee('to Corner shop')
            ->assertSee('LR1 (1)')
            ->assertSee('supers 17.6 – 17.6 %')
            ->assertSee('12 jars have left the shelf.');
        $this->get("/honey-room/{$this->lot->id}")->assertSee('In which jars it is')->assertSee('Corner shop');
        // What was poured cannot be taken from under its jars, nor the bucket be lighter than what left it.
        $pour = Pour::query()->where('bucket_id', $first->id)->firstOrFail();
        $this->send('DELETE', "/honey-room/pours/$pour->id")->assertStatus(422)->assertSee('in jars');
        $this->send('PUT', "/honey-room/buckets/$first->id", ['gross' => '15', 'tare' => '1'])->assertStatus(422)->assertSee('poured out of this bucket already');
        $this->send('DELETE', "/honey-room/buckets/$first->id")->assertStatus(422)->assertSee('poured already');
        $this->send('DELETE', "/honey-room/{$this->lot->id}")->assertStatus(422)->assertSee('so that the honey can be traced');
        $this->send('DELETE', "/honey-room/batches/$one->id")->assertStatus(422);
        foreach (['a4-24', 'letter-30'] as $paper) {
            $pdf = $this->get("/honey-room/fills/$jars->id/labels.pdf?paper=$paper&law=us&origin=Sweden&name=Lime")->assertOk();
            self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        }
        $this->get("/honey-room/fills/$jars->id/labels.pdf?paper=x&law=us")->assertStatus(422);
        self::assertStringStartsWith('%PDF', (string) $this->get("/honey-room/batches/$one->id/trace.pdf")->assertOk()->getContent());
    }

    public function test_who_weighs_in_pounds_does_so_all_along_the_bench(): void
    {
        $keeper = auth()->user();
        assert($keeper instanceof User);
        $keeper->update(['preferences' => ['system' => 'us']]);
        $one = $this->supers[0];
        $this->send('POST', "/honey-room/door/$one->id", ['before' => '40'])->assertStatus(303);
        self::assertEqualsWithDelta(18.144, (float) $one->refresh()->before_kg, 0.001);
        $this->send('POST', '/honey-room/warm/air', ['celsius' => '90', 'humidity' => '38'])->assertStatus(303);
        self::assertEqualsWithDelta(32.2, RoomAirReading::query()->firstOrFail()->celsius, 0.05);
        $machine = ['extractor' => '6', 'radius' => '12', 'turns' => 'tangential', 'rpm' => '280', 'force' => '150'];
        $this->send('PUT', '/honey-room/equipment/machine', $machine)->assertStatus(303);
        self::assertSame(30.5, app(CurrentOperation::class)->get()->fresh()?->extractor_radius_cm);
        $this->get('/honey-room/equipment')->assertSee('comb middle, in')->assertSee('value="12"', false);
        $bucket = ['gross' => '62.5', 'tare' => '2.5', 'water' => '17.4'];
        $this->send('POST', "/honey-room/{$this->lot->id}/buckets", $bucket)->assertStatus(303);
        $page = (string) $this->get('/honey-room/blend')->assertSee("60.0\u{202F}lb")->getContent();
        self::assertSame(1, preg_match('/name="pour\[(\w+)\]" value="([\d.]+)"/', $page, $pour));
        self::assertEqualsWithDelta(60.0, (float) $pour[2], 0.01);
        $batch = ['pour' => [$pour[1] => $pour[2]], 'depth' => '14', 'celsius' => '82'];
        $this->send('POST', '/honey-room/batches', $batch)->assertStatus(303);
        $made = Batch::query()->firstOrFail();
        self::assertEqualsWithDelta([35.6, 27.8], [$made->depth_cm, $made->celsius], 0.05);
        self::assertSame(0.0, Bucket::query()->with('pours')->firstOrFail()->leftKg(), 'nothing sticks by rounding');
        $this->get("/honey-room/batches/$made->id")->assertSee("14\u{202F}in deep")->assertSee("60.0\u{202F}lb");
        $this->get('/honey-room/blend')->assertDontSee('Pour in this order');
    }

    public function test_a_batch_that_is_done_leaves_the_bench_and_an_empty_one_the_list(): void
    {
        $this->weigh(12.0, '17.1');
        $bucket = Bucket::query()->firstOrFail();
        $pour = ['pour' => [$bucket->id => '12'], 'depth' => '20', 'celsius' => '30'];
        $this->send('POST', '/honey-room/batches', $pour)->assertStatus(303);
        $batch = Batch::query()->firstOrFail();
        $this->get('/honey-room')->assertSee('B26-1');
        $this->send('POST', "/honey-room/batches/$batch->id/close")->assertStatus(303);
        $this->get('/honey-room')->assertSee('Batch B26-1 is done.');
        $this->get('/honey-room')->assertDontSeeText('B26-1');
        $this->get("/honey-room/batches/$batch->id")->assertSee('Done since')->assertDontSee('Fill jars');
        $this->send('POST', "/honey-room/batches/$batch->id/close")->assertStatus(303);
        $this->send('DELETE', "/honey-room/batches/$batch->id")->assertStatus(303);
        self::assertSame(12.0, $bucket->fresh()?->load('pours')->leftKg(), 'its honey is in the bucket again');
        $this->get('/honey-room/batches')->assertSee('No batch yet.');
        $this->send('POST', '/honey-room/batches', $pour)->assertStatus(303);
        self::assertSame('B26-2', Batch::query()->firstOrFail()->code, 'a code is not given twice');
    }

    #[TestWith(['metric', 500, '500 g'])]
    #[TestWith(['metric', 1250, '1.25 kg'])]
    #[TestWith(['ca', 375, '375 g'])]
    #[TestWith(['us', 340, 'NET WT 12 oz (340 g)'])]
    #[TestWith(['us', 454, 'NET WT 16 oz (1 lb) (454 g)'])]
    #[TestWith(['us', 1361, 'NET WT 48 oz (3 lb) (1.36 kg)'])]
    public function test_the_net_quantity_is_said_as_a_country_asks(string $law, int $grams, string $words): void
    {
        self::assertSame($words, LabelLaw::from($law)->net($grams));
    }

    /** No gram is lost or made: random splits, joins, spills, corrections, jars, some of them refused. */
    public function test_mass_is_conserved_from_the_supers_to_the_jars(): void
    {
        $random = new SeededRandom(11);
        foreach (range(1, 4) as $i) {
            $this->weigh(8.0 + $i, (string) (16.8 + 0.3 * $i));
        }
        $kind = JarKind::query()->create(['name' => 'Small', 'net_g' => 250, 'stock' => 1000]);
        $answers = [303 => 0, 422 => 0];
        for ($i = 0; $i < 60; $i++) {
            $bucket = Bucket::query()->get()->random(1)->firstOrFail();
            $batch = Batch::query()->inRandomOrder()->first();
            $kg = (string) round($random->between(0.1, 9.0), 2);
            [$method, $url, $data] = match ($random->integer(0, 4)) {
                0 => ['POST', '/honey-room/batches', ['pour' => [$bucket->id => $kg], 'depth' => '30', 'celsius' => '28']],
                1 => ['POST', "/honey-room/buckets/$bucket->id/pours", ['why' => 'spill', 'kg' => $kg]],
                2 => ['PUT', "/honey-room/buckets/$bucket->id", ['gross' => (string) round($random->between(6.0, 14.0), 2), 'tare' => '1']],
                3 => ['POST', '/undo', []],
                default => ['POST', '/honey-room/batches/'.($batch->id ?? 'none').'/fills', ['kind' => $kind->id, 'count' => (string) $random->integer(1, 12)]],
            };
            $status = $this->send($method, $url, $data)->getStatusCode();
            $answers[$status] = ($answers[$status] ?? 0) + 1;
            $net = (float) Bucket::query()->get()->sum(static fn (Bucket $one): float => $one->netKg());
            self::assertEqualsWithDelta($net, (float) TakenSuper::query()->sum('allotted_kg'), 0.004, "after $method $url");
            foreach (Bucket::query()->with('pours')->get() as $one) {
                self::assertGreaterThanOrEqual(-0.006, $one->netKg() - (float) $one->pours->sum('kg'), "bucket $one->number");
            }
            foreach (Batch::query()->with(['pours', 'fills.kind'])->get() as $one) {
                $in = (float) $one->pours->sum('kg');
                $out = (float) $one->fills->sum(static fn (JarFill $fill): float => $fill->kg());
                self::assertLessThanOrEqual(1.02 * $in + 0.006, $out, $one->code);
            }
        }
        self::assertGreaterThan(20, $answers[303]);
        self::assertGreaterThan(5, $answers[422]);
        self::assertSame([], array_diff(array_keys($answers), [303, 422, 404, 409]));
    }

    public function test_a_page_of_the_honey_room_is_told_when_something_changed(): void
    {
        $page = (string) $this->get('/honey-room/extractor')->assertOk()->getContent();
        self::assertSame(1, preg_match('#/honey-room/known\?known=(\d+)#', $page, $found));
        $this->get("/honey-room/known?known=$found[1]")->assertStatus(204);
        $this->send('POST', "/honey-room/{$this->lot->id}/arrive")->assertStatus(303);
        $this->get("/honey-room/known?known=$found[1]")->assertStatus(200);
        $this->get('/honey-room/known?known[]=1')->assertStatus(200);
    }

    private function taken(Hive $hive, float $kg): TakenSuper
    {
        $box = $this->super($hive, 2);
        $box->place?->update(['until' => '2026-08-03']);

        return $this->lot->harvest->supers()->create([
            'box_id' => $box->id,
            'hive_id' => $hive->id,
            'estimate_kg' => $kg,
            'own_sd_kg' => 0.5,
        ]);
    }

    private function weigh(float $netKg, string $water = ''): void
    {
        $this->send('POST', "/honey-room/{$this->lot->id}/buckets", [
            'gross' => (string) ($netKg + 1.0),
            'tare' => '1',
            'water' => $water,
        ])->assertStatus(303);
    }

    private function got(TakenSuper $super): ?float
    {
        return $super->refresh()->allotted_kg;
    }

    /** @return array<string, string> as the page proposes the next load */
    private function proposed(): array
    {
        preg_match_all('/name="slot\[(\d+)\]" value="([^"]+)"/', (string) $this->get('/honey-room/extractor')->getContent(), $found);

        return array_combine($found[1], $found[2]);
    }
}
