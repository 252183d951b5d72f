<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\Preferences;
use App\Models\Apiary;
use App\Models\Decision;
use App\Models\Hive;
use App\Pages\Compare\CompareController;
use App\Pages\Compare\ComparePage;
use App\Pages\Desk\Figure;
use App\Pages\Desk\StageLinks;
use App\Pages\Winter\WinterPage;
use Database\Factories\HiveFactory;
use Database\Factories\TakenSuperFactory;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Marjoram\Core\Comb\Face;
use PHPUnit\Framework\Attributes\TestWith;

/** What pages say, calculated by hand from an operation small enough for it. */
final class PageValuesTest extends FeatureTestCase
{
    use SmallOperation;

    private const NARROW = "\u{202F}";

    public function test_crops_are_added_and_set_next_to_their_neighbours(): void
    {
        [$yard, $one, $two] = $this->twoHives();
        // 2025: 40 and 20 kg; 2026: 30 (two supers) and 10 kg.
        TakenSuperFactory::new()->of($one, 2025)->weighed(40.0)->create();
        TakenSuperFactory::new()->of($two, 2025)->weighed(20.0)->create();
        TakenSuperFactory::new()->of($one, 2026)->weighed(18.0)->create();
        TakenSuperFactory::new()->of($one, 2026)->weighed(12.0)->create();
        TakenSuperFactory::new()->of($two, 2026)->create(['estimate_kg' => 10.0]);
        $page = $this->compare();
        $heading = '40'.self::NARROW.'kg so far, 20'.self::NARROW.'kg a producing hive';
        self::assertSame($heading, $page->heading());
        self::assertEqualsWithDelta(20.0, $page->rows[0]->indexKg, 1e-9, 'By 2025 alone: 2026 is not closed.');
        self::assertSame(1, $page->rows[0]->counted);
        $this->close();
        $page = $this->compare();
        self::assertSame(2026, $page->season);
        self::assertSame([2026, 2025], $page->seasons->all());
        self::assertSame('40'.self::NARROW.'kg, 20'.self::NARROW.'kg a producing hive', $page->heading());
        [$first, $second] = $page->rows->all();
        self::assertSame(['L1', 'L2'], [$first->hive, $second->hive]);
        self::assertEqualsWithDelta([30.0, 10.0], [$first->kg(2026), $second->kg(2026)], 1e-9);
        // Its peer is the other one: L1 lies 20 above it in both seasons, L2 20 below.
        self::assertEqualsWithDelta([20.0, -20.0], [$first->indexKg, $second->indexKg], 1e-9);
        self::assertSame(2, $first->counted);
        self::assertSame(2, $first->seasons[2026]->supers);
        self::assertTrue($first->seasons[2026]->weighed);
        self::assertFalse($second->seasons[2026]->weighed, 'An estimate until its lot is weighed.');
        self::assertEqualsWithDelta(hypot(0.2, 0.2), $first->seasons[2026]->honey->sdKg(), 1e-9);
        $words = $page->yardWords($yard->name);
        self::assertStringContainsString('40'.self::NARROW.'kg', $words);
        self::assertStringContainsString('(−10'.self::NARROW.'kg to the season before)', $words);
        self::assertStringContainsString('100'.self::NARROW.'% of the crop', $words);
        self::assertStringContainsString('best L1, weakest L2', $words);
    }

    public function test_crops_sort_by_what_is_asked(): void
    {
        [, $one, $two] = $this->twoHives();
        TakenSuperFactory::new()->of($one, 2025)->weighed(40.0)->create();
        TakenSuperFactory::new()->of($two, 2025)->weighed(5.0)->create();
        TakenSuperFactory::new()->of($one, 2026)->weighed(10.0)->create();
        TakenSuperFactory::new()->of($two, 2026)->weighed(20.0)->create();
        $this->close();
        $order = fn (string $sort): array => $this->compare(['sort' => $sort])->rows->pluck('hive')->all();
        self::assertSame(['L1', 'L2'], $order('hive'));
        self::assertSame(['L2', 'L1'], $order('kg'));
        self::assertSame(['L2', 'L1'], $order('change'));
        self::assertSame(['L1', 'L2'], $order('index'), '+2.5 kg a season against −2.5.');
        self::assertSame(['L1', 'L2'], $order('nonsense'));
        $page = $this->compare(['season' => '2025', 'hive' => 'L2', 'sort' => 'kg']);
        self::assertSame('L2', $page->open?->hive);
        self::assertSame([2026], $page->otherYears());
        self::assertStringContainsString('season=2025', $page->link($page->rows[0], 'kg'));
        self::assertStringEndsWith('?season=2026&sort=kg', $page->seasonLink(2026));
        self::assertStringNotContainsString('sort', $page->link($page->rows[0], null));
    }

    private function close(): void
    {
        $values = ['season' => '2026', 'store' => 'none', 'excluders' => 'stay'];
        $this->send('POST', '/season/close', $values)->assertStatus(303);
    }

    public function test_lines_of_queens_are_plain_means(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $queens = [['L1', '24-1', 'Ask', 30.0], ['L2', '24-2', 'Ask', 10.0], ['L3', '24-3', 'Björk', 26.0]];
        foreach ($queens as [$code, $queen, $line, $kg]) {
            $hive = HiveFactory::new()->in($yard, $code)->stacked()->queened($queen, $line, 2024)->createOne();
            assert($hive instanceof Hive);
            TakenSuperFactory::new()->of($hive->refresh(), 2026)->weighed($kg)->create();
        }
        $lines = $this->compare()->lines;
        self::assertSame(['Ask', 'Björk'], array_column($lines, 'line'));
        self::assertSame([2, 1], array_column($lines, 'queens'));
        self::assertEqualsWithDelta([20.0, 26.0], array_column($lines, 'kg'), 1e-9);
        self::assertSame('24-1', $this->compare()->rows[0]->queen());
    }

    public function test_the_file_of_crops_is_what_the_page_shows(): void
    {
        [, $one] = $this->twoHives();
        TakenSuperFactory::new()->of($one, 2026)->weighed(18.25)->create();
        $read = fn (): array => explode("\n", trim($this->get('/compare.csv')->streamedContent()));
        self::assertSame('"Lime Row",L1,2026,,,1,0,18.25,0.2,"weighed so far",0,0,0', $read()[1]);
        self::assertCount(2, $read(), 'Who was not harvested yet is not in it.');
        $this->close();
        $lines = $read();
        self::assertSame(
            [
                'yard,hive,season,queen,line,supers,frames,kg,sd_kg,how,swarmed,split,first_season',
                '"Lime Row",L1,2026,,,1,0,18.25,0.2,"weighed and allotted",0,0,0',
                // Bees lived there when its yard was harvested: it gave nothing, and counts.
                '"Lime Row",L2,2026,,,0,0,0,0,"nothing taken",0,0,0',
            ],
            $lines,
        );
    }

    public function test_winter_says_what_to_do_for_a_hive_and_its_yard(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $poor = $this->hive($yard, 'L1', supers: 1);
        $this->seen($this->super($poor, 1), new Face(0.02));
        $page = $this->winter($yard, 'L1');
        // What nobody has looked at asks for a look, and for no sugar.
        self::assertNotNull($page->winter);
        self::assertFalse($page->winter->mustBeFed());
        self::assertSame('look', $page->glyph($page->winter));
        self::assertSame(
            'The stores of 1 hive are not inspected. Inspect or weigh L1 first.',
            $page->firstLooks(),
        );
        $this->stores($poor, 9.0);
        $page = $this->winter($yard, 'L1');
        $winter = $page->winter;
        self::assertNotNull($winter);
        self::assertTrue($winter->mustBeFed());
        self::assertSame('feed', $page->glyph($winter));
        self::assertStringStartsWith('Feed ~', $page->advice($winter));
        self::assertSame('not ripe, stays on the hive', $page->isNeeded($winter, $winter->state->supers()[0]));
        // What is short in stores, by the sugar that makes a kg of them.
        $policy = $page->policy->winter;
        self::assertEqualsWithDelta(
            $winter->reserve->shortfallKg / $policy->sugarToStores,
            $winter->reserve->sugarKg,
            0.75,
        );
        self::assertStringContainsString((new Formatter)->kg($winter->reserve->sugarKg, 0), $page->feeding());
        self::assertStringContainsString('day', $page->until());
        self::assertStringContainsString('winter from', $page->climate());
    }

    public function test_in_july_nobody_is_told_to_feed(): void
    {
        $operation = $this->operation(['demo_today' => '2026-07-02']);
        $yard = $this->apiary();
        $hive = $this->hive($yard, 'L1', supers: 1);
        $this->stores($hive, 2.0);
        $page = $this->winter($yard, 'L1');
        self::assertNotNull($page->winter);
        self::assertTrue($page->winter->mustBeFed());
        self::assertSame('leave', $page->glyph($page->winter));
        self::assertStringEndsWith('of sugar so far. Do not feed yet.', $page->advice($page->winter));
        self::assertStringContainsString('Feed from 23', $page->feeding());
        $this->get('/')->assertSee('no hive to feed')->assertDontSee('feed 1 hive');
        $operation->update(['demo_today' => '2026-08-25']);
        $this->get('/')->assertSee('1 hive to feed')->assertSee('feed 1 hive');
    }

    public function test_winter_lets_go_what_is_over_and_keeps_a_decision_in_sight(): void
    {
        $this->operation(['policy' => ['winter_school' => 'box-rule', 'winter_boxes' => 2]]);
        $yard = $this->apiary();
        $rich = $this->hive($yard, 'L1', supers: 3);
        foreach ([1, 2, 3] as $number) {
            $this->seen($this->super($rich, $number), new Face(1.0), 17.0);
        }
        $this->stores($rich, 20.0);
        $page = $this->winter($yard, 'L1');
        $winter = $page->winter;
        self::assertNotNull($winter);
        self::assertSame(2, $winter->boxesBelow(), 'The brood box and one super.');
        self::assertCount(2, $winter->comingOff());
        self::assertSame('take', $page->glyph($winter));
        self::assertSame('Take 2 supers; enough stays.', $page->advice($winter));
        $box = $winter->comingOff()[0];
        self::assertSame('may come off', $page->isNeeded($winter, $box));
        self::assertNull($page->decisionOn($box));
        $this->send('POST', "/winter/boxes/$box->id/decisions", ['choice' => 'stay', 'note' => 'A light yard.'])
            ->assertStatus(303);
        $page = $this->winter($yard, 'L1');
        self::assertInstanceOf(Decision::class, $page->decisionOn($box));
        self::assertNotNull($page->winter);
        self::assertCount(1, $page->winter->comingOff());
    }

    public function test_a_schedule_asks_for_what_would_come_in_and_says_what_stays(): void
    {
        $this->operation(['policy' => ['winter_school' => 'box-rule', 'winter_boxes' => 1]]);
        $yard = $this->apiary();
        $hive = $this->hive($yard, 'L1');
        $this->get('/clear/rounds/new')->assertOk()->assertSee('Nothing would come in');
        $this->seen($this->super($hive, 1), new Face(1.0), 17.0);
        $this->get('/clear/rounds/new')
            ->assertOk()
            ->assertSee('What would come in: 1 super, ~')
            ->assertSee('Lime Row')
            ->assertSee('1 super');
    }

    #[TestWith([null, 'lime-row', '/assess/lime-row'])]
    #[TestWith(['desk', 'lime-row', '/assess/lime-row'])]
    #[TestWith(['winter', 'lime-row', '/winter/lime-row'])]
    #[TestWith(['compare', 'lime-row', '/compare?yard=lime-row'])]
    #[TestWith(['yards', 'lime-row', '/yards/lime-row'])]
    #[TestWith(['unheard-of', 'lime-row', '/watch/lime-row'])]
    public function test_the_strip_leads_to_a_yard_in_the_stage_that_is_looked_at(?string $at, string $yard, string $to): void
    {
        self::assertSame(url($to), (new StageLinks)->yard($at, $yard));
    }

    public function test_the_tabs_lead_to_the_yard_that_is_looked_at(): void
    {
        $links = new StageLinks;
        self::assertSame(url('/winter/heath'), $links->stage('winter', 'heath'));
        self::assertSame(url('/winter'), $links->stage('winter', null));
        self::assertSame(url('/compare'), $links->stage('compare', 'heath'), 'Of all yards.');
        self::assertSame(url('/'), $links->all('desk'));
        self::assertSame(url('/clear'), $links->all('clear'));
        self::assertSame(
            ['watch', 'assess', 'winter', 'clear', 'honey-room', 'compare'],
            array_keys(StageLinks::names()),
        );
    }

    public function test_a_figure_waits_for_the_readers_units(): void
    {
        $season = new Figure('season :kg', kg: 100.0);
        self::assertSame('season 100'.self::NARROW.'kg', $season->shown(new Formatter));
        self::assertSame('season 220'.self::NARROW.'lb', $season->shown(new Formatter(new Preferences('us'))));
        $visit = new Figure('next visit :day', day: new DateTimeImmutable('2026-08-12'));
        self::assertSame('next visit 12 Aug', $visit->shown(new Formatter));
        self::assertSame('3 to feed of 4', (new Figure(':n to feed of :all', ['n' => 3, 'all' => 4]))->shown(new Formatter));
    }

    /** @return array{Apiary, Hive, Hive} */
    private function twoHives(): array
    {
        $this->operation();
        $yard = $this->apiary();

        return [$yard, $this->hive($yard, 'L1'), $this->hive($yard, 'L2')];
    }

    /** @param  array<string, string>  $query */
    private function compare(array $query = []): ComparePage
    {
        $operation = app(CurrentOperation::class)->get();
        app()->forgetScopedInstances();
        app(CurrentOperation::class)->enter($operation, null);
        $view = app(CompareController::class)->index(new Request($query), new Formatter);

        return self::pageOf($view, ComparePage::class);
    }

    /** What somebody saw of a hive's stores. */
    private function stores(Hive $hive, float $kg): void
    {
        $this->send('POST', "/winter/hives/$hive->id/looks", [
            'frames_of_bees' => '9',
            'brood_honey' => (string) $kg,
            'how' => 'estimated',
        ])->assertStatus(303);
    }

    private function winter(Apiary $yard, string $code): WinterPage
    {
        $shown = $this->get("/winter/$yard->slug/$code")->assertOk();
        $page = $shown->viewData('page');
        assert($page instanceof WinterPage);

        return $page;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private static function pageOf(View $view, string $class): object
    {
        $page = $view->getData()['page'] ?? null;
        self::assertInstanceOf($class, $page);

        return $page;
    }
}
