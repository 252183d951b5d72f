<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Days\LoadingList;
use App\Apiary\Days\LoadItem;
use App\Apiary\Days\StopReader;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\ComingReader;
use App\Apiary\Weather\KnownDay;
use App\Apiary\Weather\WeatherAhead;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Hive;
use App\Models\Role;
use App\Models\Treatment;
use App\Models\WeatherDay;
use App\Pages\Clear\ClearReader;
use App\Words\Wording;
use Database\Factories\AssessmentFactory;
use Database\Factories\BoxFactory;
use Database\Factories\HiveFactory;
use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Ripeness\Verdict;

/** Three hives are enough: what is seen becomes a verdict, a share, a clearing, a day's work and a crop. */
final class SmallOperationTest extends FeatureTestCase
{
    use SmallOperation;

    public function test_a_full_capped_medium_super_weighs_what_the_trade_says(): void
    {
        $this->operation();
        $hive = $this->hive($this->apiary(), 'L1', supers: 1);
        $this->seen($this->super($hive, 1), new Face(1.0), 17.0);
        // A medium super of ten frames: 30 to 40 lb of honey (common practice).
        $kg = $this->state($hive)->supers()[0]->honey->kg;
        self::assertGreaterThan(30 * 0.4536, $kg);
        self::assertLessThan(40 * 0.4536, $kg);
    }

    public function test_a_look_belongs_to_the_day_on_which_it_was_made_where_the_yards_are(): void
    {
        // Just after midnight there it is still the day before in Greenwich: the super was put up on the same day.
        $this->operation(['time_zone' => 'Europe/Stockholm']);
        $hive = $this->hive($this->apiary(), 'L1', supers: 1);
        $box = $this->super($hive, 1);
        $box->place?->update(['since' => '2026-08-04']);
        AssessmentFactory::new()
            ->of($box)
            ->frames(10, new Face(1.0))
            ->createOne(['looked_at' => '2026-08-03 22:40', 'looked_on' => '2026-08-04']);
        self::assertSame(10, $this->state($hive)->supers()[0]->seen());
    }

    public function test_each_super_has_the_verdict_of_what_was_seen_in_it(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $hive = $this->hive($yard, 'L1', supers: 4);
        $this->flowIsOver($yard);
        $this->seen($this->super($hive, 1), new Face(0.4, 0.1, 0.3));
        $this->seen($this->super($hive, 2), new Face(0.0, 0.9), 21.5);
        $this->seen($this->super($hive, 3), new Face(0.97, 0.03), 17.0, 17.1);
        $verdicts = array_map(static fn ($box): Verdict => $box->verdict(), $this->state($hive)->supers());
        self::assertSame(Verdict::Leave, $verdicts[0], 'Brood in it.');
        self::assertContains($verdicts[1], [Verdict::Wait, Verdict::Leave], 'Open and wet.');
        self::assertSame(Verdict::Take, $verdicts[2]);
        self::assertSame(Verdict::Look, $verdicts[3], 'Nobody has looked at it.');
        $this->get("/assess/$yard->slug/L1?box={$this->super($hive, 1)->id}")
            ->assertOk()
            ->assertSee('A frame of this super has brood.');
    }

    public function test_no_looks_no_weights_no_harvest_and_every_page_still_answers(): void
    {
        $this->operation();
        $this->get('/')->assertRedirect('/yards');
        foreach (['watch', 'assess', 'winter', 'clear', 'honey-room', 'compare', 'yards'] as $stage) {
            $this->get("/$stage")->assertOk();
        }
        $yard = $this->apiary();
        foreach (['watch', 'assess', 'winter', 'clear', 'yards'] as $stage) {
            $this->get("/$stage/$yard->slug")->assertOk();
        }
        $bare = HiveFactory::new()->in($yard, 'L1')->createOne();
        assert($bare instanceof Hive);
        foreach (['watch', 'assess', 'winter', 'clear', 'yards'] as $stage) {
            $this->get("/$stage/$yard->slug")->assertOk();
        }
        $this->get("/assess/$yard->slug/L1")->assertOk();
        $this->get("/winter/$yard->slug/L1")->assertOk();
    }

    public function test_what_winter_needs_does_not_come_in(): void
    {
        $this->operation(['policy' => ['winter_school' => 'full-super']]);
        $yard = $this->apiary();
        [$one, $three] = [$this->hive($yard, 'L1', supers: 1), $this->hive($yard, 'L2', supers: 3)];
        foreach ([[$one, 1], [$three, 1], [$three, 2], [$three, 3]] as [$hive, $number]) {
            $this->seen($this->super($hive, $number), new Face(1.0), 17.0);
        }
        $coming = app(ComingReader::class)->of($yard);
        self::assertArrayNotHasKey('L1', $coming->now, 'Its only super is its winter.');
        self::assertCount(2, $coming->now['L2']);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn ($one): float => $one->grossKg, $coming->supers())),
            $coming->grossKg(),
            1e-9,
        );
    }

    public function test_what_is_on_a_clearing_does_not_come_in_twice(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $this->ripe($yard, 'L1', 'L2');
        $before = count(app(ComingReader::class)->of($yard)->supers());
        self::assertGreaterThan(1, $before);
        $clearing = $this->clearing($yard, Method::Brush);
        $coming = app(ComingReader::class)->of($yard->refresh());
        self::assertSame([], $coming->supers());
        self::assertCount($before, $coming->planned());
        self::assertSame([$clearing->id], array_map(static fn (Clearing $one): string => $one->id, $coming->clearings));
    }

    public function test_the_next_treatment_binds_and_a_past_one_does_not(): void
    {
        $this->operation();
        $yard = $this->apiary();
        foreach (['2026-08-01', '2026-09-02', '2026-08-19'] as $off) {
            Treatment::query()->create(['apiary_id' => $yard->id, 'what' => 'By its label', 'supers_off_by' => $off]);
        }
        self::assertSame('2026-08-19', app(ComingReader::class)->of($yard)->treatment?->format('Y-m-d'));
        self::assertNull(app(ComingReader::class)->of($this->apiary('Heath'))->treatment);
    }

    public function test_boards_go_on_at_one_visit_and_supers_come_in_at_the_next(): void
    {
        $this->operation(['kit' => new Kit(4, 0, false)]);
        $yard = $this->apiary();
        $this->ripe($yard, 'L1', 'L2');
        $clearing = $this->clearing($yard, Method::EscapeBoard);
        $stops = app(StopReader::class)->ofClearing($clearing);
        self::assertSame([true, false], array_map(static fn ($stop): bool => $stop->places, $stops));
        $kit = app(CurrentOperation::class)->get()->kit;
        $list = static fn (int $stop): array => array_column(
            array_map(
                static fn (LoadItem $item): array => [$item->thing, $item->count],
                LoadingList::of([$stops[$stop]], $kit, 2),
            ),
            1,
            0,
        );
        [$first, $second] = [$list(0), $list(1)];
        self::assertSame(2, $first['boards'] ?? 0, 'A board a hive.');
        self::assertArrayNotHasKey('covers', $first);
        self::assertArrayNotHasKey('boards', $second);
        self::assertSame($clearing->items->count(), $second['covers'] ?? 0);
        self::assertSame(2, $second['empties'] ?? 0);
        self::assertArrayNotHasKey('brush', $second + $first);
        $this->get('/clear/days/'.$clearing->first_on->format('Y-m-d'))->assertOk()->assertSee('L1');
    }

    public function test_boards_that_do_not_reach_all_hives_are_used_where_they_reach(): void
    {
        $this->operation(['kit' => new Kit(1, 0, false)]);
        $yard = $this->apiary();
        $this->ripe($yard, 'L1', 'L2');
        $this->dry($yard);
        $this->get('/clear/lime-row')->assertOk()->assertSee('Boards for L1;');
        $this->clearing($yard, Method::EscapeBoard);
        $made = Clearing::query()->with('items.hive')->orderBy('id')->get();
        self::assertSame(Method::EscapeBoard, $made[0]?->method);
        self::assertCount(2, $made);
        self::assertNotSame(Method::EscapeBoard, $made[1]?->method);
        $hives = $made->map(static fn (Clearing $one): array => $one->items->pluck('hive.code')->unique()->all())->all();
        self::assertSame([['L1'], ['L2']], $hives);
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame(0, Clearing::query()->count(), 'one undo takes both back');
    }

    public function test_a_clearing_says_why_its_own_method_and_not_why_another(): void
    {
        $this->operation(['kit' => new Kit(4, 0, false)]);
        $yard = $this->apiary();
        $this->ripe($yard, 'L1', 'L2');
        $this->dry($yard);
        $methods = app(ClearReader::class)->of($yard)->compared->methods;
        [$first, $second] = [$methods[0]->method, $methods[1]->method];
        $say = Wording::forPrograms();
        $over = 'Your choice; the comparison put '.$say->method($first).' first.';
        self::assertSame($over, $this->clearing($yard, $second)->frozen->reason);
        Clearing::query()->get()->each->delete();
        self::assertStringContainsString('person-minutes', $this->clearing($yard, $first)->frozen->reason);
    }

    public function test_brushing_takes_brushes_and_smoke_for_two(): void
    {
        $this->operation(['crew' => 2]);
        $yard = $this->apiary();
        $this->ripe($yard, 'L1');
        $clearing = $this->clearing($yard, Method::Brush);
        [$stop] = app(StopReader::class)->ofClearing($clearing);
        $items = LoadingList::of([$stop], app(CurrentOperation::class)->get()->kit, 2);
        $counts = array_combine(array_column($items, 'thing'), array_column($items, 'count'));
        self::assertSame(2, $counts['brush'] ?? 0);
        self::assertArrayHasKey('smoker', $counts);
        self::assertArrayHasKey('aid', $counts);
        self::assertArrayNotHasKey('boards', $counts);
        self::assertFalse($stop->isDone());
    }

    public function test_beyond_the_forecast_the_climate_stands_in(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $day = ['apiary_id' => $yard->id, 'date' => '2026-08-05', 'source' => 'own'];
        WeatherDay::query()->create($day + ['min_c' => 8, 'max_c' => 24, 'rain_p' => 0.1, 'sun' => 0.9]);
        $days = [new DateTimeImmutable('2026-08-05'), new DateTimeImmutable('2026-09-06')];
        [$known, $presumed] = WeatherAhead::of([$yard], $days)[$yard->id];
        self::assertTrue($known->known);
        self::assertSame([8.0, 24.0], [$known->weather->minC, $known->weather->maxC]);
        self::assertFalse($presumed->known);
        // September of the factory's climate is 12 degrees on average.
        self::assertEqualsWithDelta(12.0, 0.5 * ($presumed->weather->minC + $presumed->weather->maxC), 1e-9);
        self::assertCount(1, WeatherAhead::known($yard, $days[0], 10), 'Known days only, where there are any.');
        self::assertCount(10, WeatherAhead::known($this->apiary('Heath'), $days[0], 10));
        $mean = KnownDay::mean([
            new KnownDay(new DayForecast($days[0], 4.0, 10.0, 0.2, 0.4), false),
            new KnownDay(new DayForecast($days[0], 8.0, 20.0, 0.4, 0.8), true),
        ]);
        self::assertTrue($mean->known);
        self::assertSame([6.0, 15.0, 0.3, 0.6], [
            $mean->weather->minC,
            $mean->weather->maxC,
            $mean->weather->rainP,
            $mean->weather->sun,
        ]);
    }

    public function test_a_clearing_takes_only_what_may_come_off_by_a_method_that_can_be_used(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $this->ripe($yard, 'L1');
        $unseen = $this->super($this->hive($yard, 'L2'), 1);
        $box = app(ComingReader::class)->of($yard)->supers()[0]->id;
        $url = "/clear/$yard->slug/plans";
        $this->send('POST', $url, ['method' => 'brush', 'boxes' => []])->assertStatus(422);
        $this->send('POST', $url, ['method' => 'broom', 'boxes' => [$box]])->assertStatus(422);
        $this->send('POST', $url, ['method' => 'brush', 'boxes' => [$unseen->id]])->assertStatus(422);
        $this->send('POST', $url, ['method' => 'blower', 'boxes' => [$box]])->assertStatus(422);
        self::assertSame(0, Clearing::query()->count());
        $key = '01kb0000000000000000000001';
        $this->send('POST', $url, ['method' => 'brush', 'boxes' => [$box]], $key)->assertStatus(303);
        $this->send('POST', $url, ['method' => 'brush', 'boxes' => [$box]], $key)->assertStatus(303);
        self::assertSame(1, Clearing::query()->count());
    }

    public function test_a_viewer_reads_and_changes_nothing(): void
    {
        $this->operation(role: Role::Viewer);
        $yard = $this->apiary();
        $hive = $this->hive($yard, 'L1', supers: 1);
        $box = $this->super($hive, 1);
        $this->get("/assess/$yard->slug/L1")->assertOk();
        $this->send('PUT', "/assess/boxes/$box->id/shake", ['shake' => 'passed'])->assertForbidden();
    }

    public function test_another_operations_yard_does_not_exist(): void
    {
        $this->operation();
        $theirs = $this->apiary('Theirs');
        $box = $this->super($this->hive($theirs, 'T1'), 1);
        $this->operation(['name' => 'Mine']);
        $this->get("/assess/$theirs->slug")->assertNotFound();
        $this->send('PUT', "/assess/boxes/$box->id/shake", ['shake' => 'passed'])->assertNotFound();
        self::assertNull(Apiary::query()->where('slug', $theirs->slug)->first());
    }

    public function test_a_box_in_store_is_on_no_hive(): void
    {
        $this->operation();
        $hive = $this->hive($this->apiary(), 'L1', supers: 1);
        BoxFactory::new()->createOne();
        self::assertCount(2, $this->state($hive)->boxes);
    }

    /** Two supers a hive, ripe; more than a hive keeps where nothing is asked to stay. */
    private function ripe(Apiary $yard, string ...$codes): void
    {
        $yard->update(['policy' => ['winter_school' => 'box-rule', 'winter_boxes' => 1]]);
        $this->flowIsOver($yard);
        foreach ($codes as $code) {
            $hive = $this->hive($yard, $code);
            foreach ([1, 2] as $number) {
                $this->seen($this->super($hive, $number), new Face(0.98, 0.02), 17.0, 17.1);
            }
        }
    }

    /** Of all that may come in. */
    private function clearing(Apiary $yard, Method $method): Clearing
    {
        $this->dry($yard);
        $supers = app(ComingReader::class)->of($yard)->supers();
        $boxes = array_map(static fn ($one): string => $one->id, $supers);
        $this->send('POST', "/clear/$yard->slug/plans", ['method' => $method->value, 'boxes' => $boxes])
            ->assertStatus(303);

        return Clearing::query()->with(['items.hive', 'apiary'])->latest('id')->firstOrFail();
    }

    private function state(Hive $hive): HiveState
    {
        $yard = $hive->stand->apiary;
        $state = app(YardReader::class)->hive($yard, $hive->code);
        assert($state !== null);

        return $state;
    }
}
