<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\MonthDay;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Places\SeasonCalendar;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use App\Foundation\Units\Preferences;
use App\Models\Apiary;
use App\Models\BoxKindRow;
use App\Models\Clearing;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\Role;
use App\Models\Schedule;
use App\Models\User;
use App\Transfer\EveryPage;
use Database\Factories\UserFactory;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;

/** One formatter for figures, dates and seasons. */
final class UnitsTest extends FeatureTestCase
{
    use SmallOperation;

    public function test_masses_temperatures_and_volumes_by_preference(): void
    {
        [$metric, $us, $uk] = array_map(
            static fn (string $system): Formatter => new Formatter(new Preferences($system)),
            Preferences::SYSTEMS,
        );
        self::assertSame("17.0\u{202F}kg", $metric->kg(17.0));
        self::assertSame("40.0\u{202F}lb", $us->kg(18.14369));
        self::assertSame("40\u{202F}lb", $uk->kg(18.14369, 0));
        self::assertSame(
            ["20\u{202F}°C", "68\u{202F}°F", "20\u{202F}°C"],
            [$metric->celsius(20.0), $us->celsius(20.0), $uk->celsius(20.0)],
        );
        self::assertSame(
            ["10.0\u{202F}l", "2.6\u{202F}US gal", "2.2\u{202F}gal"],
            [$metric->litres(10.0), $us->litres(10.0), $uk->litres(10.0)],
        );
        self::assertSame('–', $metric->kg(null));
    }

    public function test_a_range_of_masses_is_in_the_unit_of_its_mean(): void
    {
        [$metric, $us] = [new Formatter, new Formatter(new Preferences('us'))];
        self::assertSame('(−3.1 to 2.4)', $metric->kgBetween(-3.1, 2.4));
        // By the pound's definition: -3.1 kg are -6.834 lb.
        self::assertSame('(−6.8 to 5.3)', $us->kgBetween(-3.1, 2.4));
        self::assertSame('(−3.4 to 2.3)', $us->gainRange(-0.25, 1.0));
        self::assertSame('(0.0 to 2.3)', $us->kgRange(-0.25, 1.0));
        $this->as('keeper')->send('PUT', '/account', ['system' => 'us', 'theme' => 'light', 'paper' => 'A4', 'name' => 'Keeper']);
        $yards = $this->get('/compare/yards')->assertOk();
        preg_match('/([\d.]+)\x{202F}lb\s*<span\s+class="rng">\(([\d.]+) to ([\d.]+)\)/u', (string) $yards->getContent(), $found);
        self::assertGreaterThan((float) ($found[2] ?? 99), (float) ($found[1] ?? 0));
        self::assertLessThan((float) ($found[3] ?? 0), (float) ($found[1] ?? 99), 'The mean lies within its range.');
    }

    public function test_an_axis_has_round_values_of_the_readers_own_unit(): void
    {
        [$metric, $us] = [new Formatter, new Formatter(new Preferences('us'))];
        $labels = static fn (MassAxis $axis): array => array_column($axis->ticks, 1);
        self::assertSame(['0', '10', '20', '30', '40'], $labels(MassAxis::between($metric, 0.0, 45.0)));
        self::assertSame(['0', '20', '40', '60', '80'], $labels(MassAxis::between($us, 0.0, 45.0)));
        self::assertEqualsWithDelta(20 * 0.45359237, MassAxis::between($us, 0.0, 45.0)->ticks[1][0], 1e-9);
        self::assertSame(['−5', '0', '5'], $labels(MassAxis::between($metric, -6.0, 6.0, 4)));
        self::assertSame(['0.0', '0.2', '0.4'], $labels(MassAxis::between($metric, 0.0, 0.5, 3)));
        self::assertSame(['34', '36', '38'], $labels(MassAxis::around($metric, 35.1, 37.5, 2)));
        self::assertSame(['40.0', '40.2'], $labels(MassAxis::around($metric, 40.0, 40.0)));
    }

    public function test_what_is_entered_is_stored_in_kilograms_and_celsius(): void
    {
        [$metric, $us, $uk] = array_map(
            static fn (string $system): Formatter => new Formatter(new Preferences($system)),
            Preferences::SYSTEMS,
        );
        // The pound, the US and the imperial gallon by their definitions.
        self::assertEqualsWithDelta(
            [40.0, 18.1436948, 18.1436948],
            [$metric->massToKg(40.0), $us->massToKg(40.0), $uk->massToKg(40.0)],
            1e-7,
        );
        self::assertEqualsWithDelta(
            [68.0, 20.0, 68.0],
            [$metric->temperatureToC(68.0), $us->temperatureToC(68.0), $uk->temperatureToC(68.0)],
            1e-9,
        );
        self::assertEqualsWithDelta(
            [1.0, 3.785411784, 4.54609],
            [$metric->volumeToLitres(1.0), $us->volumeToLitres(1.0), $uk->volumeToLitres(1.0)],
            1e-9,
        );
    }

    public function test_an_own_kind_and_a_climate_are_entered_in_the_persons_units(): void
    {
        $keeper = User::query()->where('email', 'keeper@demo.example')->firstOrFail();
        $keeper->update(['preferences' => ['system' => 'us']]);
        $this->as('keeper')->demo();
        $kind = [
            'name' => 'Low eight',
            'frames' => '8',
            'comb_length' => '15.5',
            'comb_height' => '6',
            'inside_width' => '12.2',
            'external_height' => '5.9',
            'external_length' => '19.7',
            'external_width' => '13.8',
            'empty_mass' => '11',
        ];
        $this->send('POST', '/yards/kinds', $kind)->assertStatus(303);
        self::assertEqualsWithDelta(4.99, (float) BoxKindRow::query()->where('name', 'Low eight')->value('empty_mass_kg'), 0.001);
        $low = BoxKindRow::query()->where('name', 'Low eight')->firstOrFail();
        self::assertEqualsWithDelta(
            [6.0, 309.9, 149.9, 500.4, 350.5],
            [$low->comb_area_dm2, $low->inside_width_mm, $low->external_height_mm, $low->external_length_mm, $low->external_width_mm],
            0.05,
            'square inches and inches by their definition',
        );
        $this->get('/yards')->assertSee('Inside width, in')->assertSee('12.2')->assertDontSee('dm²');
        $this->get('/clear/drives')->assertSee("31\u{202F}miles per hour")->assertDontSeeText('km');
        $this->get('/watch')->assertDontSee("\u{202F}km");
        $csv = $this->get('/compare.csv')->streamedContent();
        self::assertStringStartsWith('yard,hive,season,queen,line,supers,frames,lb,sd_lb,how', $csv);
        $this->send('POST', '/yards/kinds', ['name' => 'Lead', 'empty_mass' => '200'] + $kind)->assertStatus(422);
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $this->get('/yards/ekbacken')->assertOk()->assertSee('Monthly mean temperature, °F');
        $where = ['name' => $yard->name, 'latitude' => $yard->latitude, 'longitude' => $yard->longitude];
        $this->send('PUT', '/yards/ekbacken', $where + ['climate' => array_fill(0, 12, '50')])->assertStatus(303);
        self::assertSame(array_fill(0, 12, 10.0), array_map(floatval(...), $yard->refresh()->climate));
        // Saved as it was shown, the station it came from stays named.
        $yard->update(['climate' => array_fill(0, 12, 7.53), 'climate_source' => 'baltic-south']);
        $this->send('PUT', '/yards/ekbacken', $where + ['climate' => array_fill(0, 12, '45.6')])->assertStatus(303);
        self::assertSame('baltic-south', $yard->refresh()->climate_source);
    }

    /** Formats of paper, a file's own columns, and the choice of units itself are the same for all. */
    public function test_no_page_shows_a_kilogram_or_a_degree_celsius_to_who_chose_others(): void
    {
        $keeper = User::query()->where('email', 'keeper@demo.example')->firstOrFail();
        $keeper->update(['preferences' => ['system' => 'us']]);
        $this->as('keeper')->demo();
        $hive = '/ekbacken/'.Hive::query()->where('code', 'E4')->value('code');
        $pages = [
            ...app(EveryPage::class)->addresses(),
            ...array_map(static fn (string $stage): string => "/$stage$hive", ['assess', 'winter', 'yards']),
            '/clear/plans/'.Clearing::query()->value('id'),
            '/clear/rounds/'.Schedule::query()->value('id'),
            '/honey-room/'.Lot::query()->value('id'),
        ];
        self::assertGreaterThan(60, count($pages));
        foreach ($pages as $page) {
            $html = (string) preg_replace('#<(script|style|option|kbd|code)\b.*?</\1>#su', ' ', $this->bodyOf($page));
            $text = html_entity_decode((string) preg_replace('/<[^>]*?(?:aria-label|title)="([^"]*)"[^>]*>|<[^>]+>/u', ' $1 ', $html));
            preg_match_all('/[^.;]{0,60}[\d.]\s*(?:kg\b|°C|km\b|cm\b|dm²)/u', $text, $found);
            self::assertSame([], $found[0], $page);
        }
    }

    public function test_the_days_of_a_southern_year_are_asked_and_kept_as_they_are_there(): void
    {
        $operation = $this->operation(['latitude' => -37.0, 'demo_today' => '2026-12-10']);
        $yard = $this->apiary();
        $yard->update(['latitude' => -37.0]);
        $this->get('/account/policy')->assertOk()->assertSee('value="04-01"', false)->assertSee('value="10-20"', false);
        $sent = ['winter_from' => '04-15', 'first_flow' => '09-30'] + RouteCatalogue::POLICY;
        $this->send('PUT', '/account/policy', $sent)->assertStatus(303);
        $this->get('/account/policy')->assertSee('value="04-15"', false)->assertSee('value="09-30"', false);
        app(CurrentOperation::class)->enter($operation->refresh(), Role::Owner);
        $season = app(WinterReader::class)->season($yard)->whole;
        self::assertSame(['2027-04-15', '2027-09-30'], [$season->from->format('Y-m-d'), $season->firstFlow->format('Y-m-d')]);
        $this->send('PUT', "/yards/$yard->slug/policy", ['winter_from' => '05-01'])->assertStatus(303);
        $this->get("/yards/$yard->slug")->assertSee('value="05-01"', false);
        self::assertSame('02-28', MonthDay::opposite('08-31'));
    }

    private function bodyOf(string $page): string
    {
        $answer = $this->followingRedirects()->get($page);
        $isPage = str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html');

        return $isPage ? (string) $answer->getContent() : '';
    }

    public function test_ranges_minus_signs_and_times(): void
    {
        $f = new Formatter;
        self::assertSame('(15.4 to 18.6)', $f->kgRange(17.0, 1.25));
        self::assertSame('(0.0 to 2.3)', $f->kgRange(1.0, 1.0));
        self::assertSame('−0.2', Formatter::number(-0.23, 1));
        self::assertSame('0.0', Formatter::number(-0.03, 1));
        self::assertSame(["85\u{202F}min", "2.0\u{202F}h"], [$f->minutes(85.0), $f->minutes(120.0)]);
        self::assertSame(
            ['Tue 4 Aug', '4 Aug 2026'],
            [$f->weekday(new DateTimeImmutable('2026-08-04')), $f->date(new DateTimeImmutable('2026-08-04'))],
        );
        self::assertSame('4 Aug 21:30', $f->moment(new DateTimeImmutable('2026-08-04 19:30 UTC'), 'Europe/Stockholm'));
    }

    /** Where honey is weighed in pounds is common knowledge; all others begin with kilograms. */
    public function test_who_begins_finds_the_units_of_the_place(): void
    {
        self::assertSame(
            ['us', 'uk', 'metric', 'metric'],
            array_map(Preferences::usualIn(...), ['en-US,en;q=0.9', 'en-GB', 'sv-SE,en-US;q=0.5', '']),
        );
        $keeper = UserFactory::new()->createOne(['preferences' => null]);
        $this->actingAs($keeper);
        $page = $this->get('/start', ['Accept-Language' => 'en-US,en'])->assertOk();
        self::assertMatchesRegularExpression('/value="us"\s+selected/', (string) $page->getContent());
        $this->send('POST', '/start', RouteCatalogue::YARD + ['system' => 'us'])->assertStatus(303);
        self::assertSame('us', $keeper->refresh()->preferences['system'] ?? null);
        $this->send('POST', '/start', RouteCatalogue::YARD + ['system' => 'stones'])->assertStatus(422);
    }

    public function test_unknown_preferences_fall_back(): void
    {
        $preferences = Preferences::fromArray(['system' => 'imperial', 'theme' => 7, 'paper' => 'letter']);
        self::assertSame(
            ['metric', 'light', 'letter'],
            [$preferences->system, $preferences->theme, $preferences->paper],
        );
    }

    #[TestWith(['2026-08-04', false, 2026])]
    #[TestWith(['2026-01-15', false, 2026])]
    #[TestWith(['2026-08-04', true, 2027])]
    #[TestWith(['2027-02-01', true, 2027])]
    #[TestWith(['2027-06-30', true, 2027])]
    public function test_a_season_is_named_by_its_main_flow(string $day, bool $south, int $season): void
    {
        self::assertSame($season, SeasonCalendar::seasonOf(new DateTimeImmutable($day), $south));
        self::assertTrue(SeasonCalendar::contains($season, new DateTimeImmutable($day), $south));
        self::assertFalse(SeasonCalendar::contains($season + 1, new DateTimeImmutable($day), $south));
        self::assertSame(
            $south ? [($season - 1).'-09-01', "$season-04-30"] : ["$season-03-01", "$season-10-31"],
            [
                SeasonCalendar::firstDay($season, $south)->format('Y-m-d'),
                SeasonCalendar::lastDay($season, $south)->format('Y-m-d'),
            ],
        );
    }
}
