<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Days\Lifts;
use App\Apiary\Flow\YardFlow;
use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardPicture;
use App\Apiary\Hives\YardReader;
use App\Apiary\Overview\ComingReader;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Decision;
use App\Models\Hive;
use App\Models\HiveScale;
use App\Models\ScaleWeight;
use App\Models\TakenSuper;
use App\Models\WeatherDay;
use App\Pages\Clear\ClearReader;
use App\Pages\Compare\Crop;
use App\Pages\Compare\YieldReader;
use App\Pages\Desk\SummaryReader;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Verdict;

/** From records to the core's questions and back. */
final class ReadersTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_the_number_of_queries_does_not_grow_with_the_hives(): void
    {
        $count = function (string $slug): int {
            Cache::flush();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get("/assess/$slug")->assertOk();

            return count(DB::getQueryLog());
        };
        // Which yards there are is known after the first page.
        $count('norra-heden');
        self::assertEqualsWithDelta($count('ekbacken'), $count('skolgarden'), 2);
    }

    public function test_a_yard_without_a_scale_borrows_its_neighbours_but_not_from_the_heath(): void
    {
        $flow = static fn (string $slug): YardFlow => app(YardReader::class)->flow(self::yard($slug));
        self::assertNull($flow('ekbacken')->presumedFrom);
        self::assertSame('Ekbacken', $flow('skolgarden')->presumedFrom);
        self::assertSame(NectarFlow::Over, $flow('tegelbruket')->forRipeness());
        self::assertSame(NectarFlow::On, $flow('norra-heden')->forRipeness());
        ScaleWeight::query()->where('apiary_id', self::yard('ekbacken')->id)->delete();
        HiveScale::query()->where('apiary_id', self::yard('ekbacken')->id)->delete();
        Cache::flush();
        // As the next request would.
        $this->demo();
        self::assertNull($flow('skolgarden')->presumedFrom, 'Heather is a flow of its own.');
    }

    public function test_boxes_are_numbered_from_below_and_unseen_frames_presumed(): void
    {
        $state = app(YardReader::class)->one(Apiary::query()->where('slug', 'ekbacken')->firstOrFail());
        self::assertSame(['E1', 'E2', 'E3', 'E4', 'E5', 'E6', 'E7', 'E8', 'E9'], array_keys($state->hives));
        $supers = $state->hives['E3']->supers();
        self::assertSame([1, 2, 3, 4], array_map(static fn ($box): int => $box->number, $supers));
        self::assertSame(Verdict::Look, $supers[3]->verdict());
        self::assertSame(0, $supers[3]->seen());
        self::assertCount(10, $supers[3]->slots());
        foreach ($supers[1]->slots() as $i => $slot) {
            self::assertSame(isset($supers[1]->look->frames[$i + 1]), $slot->seen);
            // What was seen is drawn as it was seen, the rest with what the others make likely of it.
            $slot->seen
                ? self::assertEquals($supers[1]->look->frames[$i + 1]->a, $slot->a)
                : self::assertEqualsWithDelta(
                    $supers[1]->ripeness->box->slots[$i]->fill,
                    $slot->a->honey(),
                    1e-9,
                );
        }
        self::assertSame(['no super'], app(YardPicture::class)->verdicts($state->hives['E9']));
    }

    public function test_a_look_from_before_the_box_stood_here_does_not_count(): void
    {
        $hive = Hive::query()->where('code', 'E1')->with('places')->firstOrFail();
        $place = $hive->places->where('role', 'super')->firstOrFail();
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        self::assertGreaterThan(
            0,
            app(YardReader::class)->hive($yard, 'E1')?->box($place->box_id)?->seen(),
        );
        $place->update(['since' => '2026-08-05']);
        self::assertSame(
            0,
            app(YardReader::class)->hive($yard, 'E1')?->box($place->box_id)?->seen(),
        );
    }

    public function test_a_decision_holds_until_someone_looks_again(): void
    {
        $place = Hive::query()
            ->where('code', 'E4')
            ->with('places')
            ->firstOrFail()
            ->places->where('role', 'super')
            ->firstOrFail();
        $decision = [
            'box_id' => $place->box_id,
            'hive_id' => $place->hive_id,
            'stage' => 'assess',
            'choice' => 'take',
            'note' => 'sure',
            'frozen' => [],
        ];
        Decision::query()->create($decision + ['decided_at' => '2026-08-04 08:00:00']);
        $box = fn () => app(YardReader::class)->hive(self::yard('ekbacken'), 'E4')?->box($place->box_id);
        self::assertTrue($box()?->comesOff());
        \App\Models\Assessment::query()->create([
            'hive_id' => $place->hive_id,
            'box_id' => $place->box_id,
            'looked_on' => '2026-08-04',
            'looked_at' => '2026-08-04 09:00:00',
        ]);
        self::assertNotNull($box());
        self::assertNull($box()->decision);
        self::assertFalse($box()->comesOff());
    }

    public function test_what_stays_for_winter_does_not_come_off(): void
    {
        $apiary = self::yard('ekbacken');
        $coming = app(ComingReader::class)->of($apiary);
        $ids = array_map(static fn (JudgedSuper $one): string => $one->id, $coming->supers());
        $kept = 0;
        foreach (app(WinterReader::class)->read(app(YardReader::class)->one($apiary)) as $winter) {
            foreach ($winter->state->supers() as $box) {
                $kept += $winter->stays($box) ? 1 : 0;
                self::assertSame($box->comesOff() && ! $winter->stays($box), in_array($box->id, $ids, true));
            }
            $reserve = $winter->reserve;
            self::assertGreaterThanOrEqual(0.0, $reserve->pEnough);
            self::assertSame(
                $reserve->shortfallKg > 0.002,
                $reserve->pEnough < 0.95,
            );
        }
        self::assertGreaterThan(0, $kept);
    }

    public function test_without_a_forecast_climate_means_stand_in_and_say_so(): void
    {
        $yard = self::yard('tegelbruket');
        self::assertFalse(app(ClearReader::class)->of($yard)->compared->presumed);
        WeatherDay::query()->where('apiary_id', $yard->id)->delete();
        $compared = app(ClearReader::class)->of($yard)->compared;
        self::assertTrue($compared->presumed);
        self::assertCount(10, $compared->forecast);
        self::assertEqualsWithDelta(17.0, ($compared->forecast[0]->minC + $compared->forecast[0]->maxC) / 2, 0.01);
    }

    public function test_boxes_that_stay_above_those_that_go_are_moved_below_first(): void
    {
        $hive = app(YardReader::class)->hive(self::yard('ekbacken'), 'E8') ?? self::fail('There is no E8.');
        $ids = array_map(static fn (BoxState $box): string => $box->id, $hive->supers());
        self::assertCount(0, $hive->belowFirst([$ids[3]]));
        self::assertCount(3, $hive->belowFirst([$ids[0]]));
        self::assertCount(1, $hive->belowFirst([$ids[1], $ids[2]]));
    }

    public function test_the_desk_puts_the_most_urgent_first_and_counts_as_the_stages_do(): void
    {
        $summary = app(SummaryReader::class)->read();
        $tasks = $summary->tasks();
        self::assertSame('look', $tasks[0]->glyph);
        self::assertSame(
            array_sum(array_map(static fn ($yard): int => $yard->look, $summary->yards)),
            (int) $summary->figures['assess']->shown(new Formatter),
        );
        self::assertSame('2026-08-19', $summary->treatment?->format('Y-m-d'));
        self::assertSame(2026, $summary->now->season);
        $urgencies = array_map(static fn ($task): int => $task->urgency, $tasks);
        $sorted = $urgencies;
        sort($sorted);
        self::assertSame($sorted, $urgencies);
        foreach ($tasks as $task) {
            $this->get($task->href)->assertOk();
        }
    }

    public function test_a_write_shows_on_the_next_page_although_much_is_kept(): void
    {
        $this->get('/watch/skolgarden')->assertSee('The flow is slowing.');
        $this->send('POST', '/watch/skolgarden/signs', ['seen' => 'robbing-test:robbed'])->assertStatus(303);
        $this->get('/watch/skolgarden')->assertSee('The flow is over.');
        $this->get('/assess/skolgarden')->assertSee('The flow is over.');
        $this->get('/')->assertSee('The flow is over.');
    }

    public function test_the_heaviest_box_is_lifted_from_where_it_stands(): void
    {
        $yard = app(YardReader::class)->one(self::yard('ekbacken'));
        $lifts = Lifts::of($yard);
        $supers = $yard->hives['E8']->supers();
        self::assertCount(array_sum(array_map(static fn ($hive): int => count($hive->boxes), $yard->hives)), $lifts);
        self::assertGreaterThan(0.0, $lifts[$supers[0]->id]->index);
        // The same weight is worse to lift down from higher up.
        self::assertLessThan($lifts[$supers[0]->id]->limitKg, $lifts[$supers[3]->id]->limitKg);
    }

    public function test_a_crop_that_no_bucket_weighed_keeps_the_error_that_all_estimates_share(): void
    {
        $taken = TakenSuper::query()->whereNotNull('allotted_kg')->with(['hive', 'harvest'])->get()->groupBy('hive_id');
        $of = $taken->sortByDesc(static fn (Collection $one): int => $one->count())->firstOrFail();
        $season = (int) $of[0]->harvest->season;
        $crop = static fn (): Crop => app(YieldReader::class)
            ->read()
            ->firstOrFail(static fn (Crop $one): bool => $one->hive === $of[0]->hive->code && $one->season === $season);
        $weighed = $crop()->honey;
        DB::table('taken_supers')->where('hive_id', $of[0]->hive_id)->update(['allotted_kg' => null, 'allotted_sd_kg' => null]);
        $judged = $crop()->honey;
        self::assertSame(0.0, $weighed->commonSdKg);
        self::assertEqualsWithDelta(0.12 * $judged->kg, $judged->commonSdKg, 1e-9);
        self::assertGreaterThan(2.0 * $weighed->sdKg(), $judged->sdKg());
    }

    public function test_days_past_are_not_planned(): void
    {
        $today = new DateTimeImmutable('2026-08-04');
        foreach (app(ClearReader::class)->of(self::yard('ekbacken'))->compared->methods as $method) {
            foreach ($method->visits as $visit) {
                self::assertGreaterThan($today, $visit);
            }
        }
    }

    private static function yard(string $slug): Apiary
    {
        return Apiary::query()->where('slug', $slug)->firstOrFail();
    }
}
