<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Foundation\Units\Formatter;
use App\Foundation\Units\Preferences;
use App\Words\Choices;
use App\Words\Names;
use App\Words\Wording;
use BackedEnum;
use DateTimeImmutable;
use LogicException;
use Marjoram\Core\Clearing\Caution;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\RankReason;
use Marjoram\Core\Clearing\Refusal;
use Marjoram\Core\Clearing\RobbingRisk;
use Marjoram\Core\Flow\Filter\FilterReason;
use Marjoram\Core\Flow\FlowReason;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Lifting\LiftResult;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\TakingCaution;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Rounds\BrokenLimit;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\ShortfallReason;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Spin\SpinReason;
use Marjoram\Core\Statement;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;

/** Everything that the core can say has its sentence, with its figures where the reader wants them. */
final class WordingTest extends FeatureTestCase
{
    private const NARROW = "\u{202F}";

    /** @return list<array{Statement, string}> those whose figures take more than their place in a sentence */
    public static function statements(): array
    {
        $water = ['pct' => 17.34, 'low_pct' => 17.01, 'high_pct' => 17.67, 'most_pct' => 18.0];
        $seen = ['sign' => Sign::NewWax, 'result' => 'seen', 'on' => new DateTimeImmutable('2026-08-04'), 'ratio' => '1/4'];
        $more = ['person_minutes' => 30.0, 'risk' => RobbingRisk::Low];

        return [
            [new Statement(Reason::PutOnEmpty, ['days' => 0.0]), 'Put on empty today.'],
            [
                new Statement(Reason::PutOnEmpty, ['days' => 5.0]),
                'Put on empty 5 days ago, not inspected since.',
            ],
            [
                new Statement(Reason::PolicyMet, ['p' => 0.934, 'asked' => 0.9]),
                'Ripe by your rule: 93 % likely. You asked for 90 %.',
            ],
            [
                new Statement(Reason::WaterMeasured, $water + ['read_pct' => 17.2]),
                'Water read: 17.2 %. With the capping: 17.3 % (17.0 to 17.7). Your limit is 18.0 %.',
            ],
            [
                new Statement(Refusal::BroodAbove, ['hives' => ['E3', 'E7']]),
                'Supers of E3, E7 have brood: bees do not leave brood.',
            ],
            [
                new Statement(RankReason::FewerBees, $more),
                'Needs 30 person-minutes more, but leaves fewer bees and a low risk of robbing.',
            ],
            [
                new Statement(FlowReason::ScaleChange, ['kg' => 1.234, 'phase' => Phase::Strong]),
                'The scale hive changed by +1.23'.self::NARROW.'kg per day over its last full days: strong.',
            ],
            [new Statement(FlowReason::SignSeen, $seen), 'bees build new white wax (Tue 4 Aug): odds times 1/4.'],
            [
                new Statement(FilterReason::Sign, ['log_odds' => -1.2, 'sign' => Sign::NewWax]),
                'New wax: strongly against "over".',
            ],
            [
                new Statement(SpinReason::OutOfBalance, ['g' => 412.4, 'limit_n' => 150.0]),
                '412 g out of balance: run slower, so that the pull stays under 150 N.',
            ],
        ];
    }

    #[DataProvider('statements')]
    public function test_what_the_core_says_in_words(Statement $said, string $sentence): void
    {
        self::assertSame($sentence, Wording::forPrograms()->statement($said));
    }

    /** @return iterable<string, array{BackedEnum}> */
    public static function cases(): iterable
    {
        $all = [
            ...Verdict::cases(),
            ...Reason::cases(),
            ...TakingCaution::cases(),
            ...Refusal::cases(),
            ...Caution::cases(),
            ...RankReason::cases(),
            ...FlowReason::cases(),
            ...FilterReason::cases(),
            ...SpinReason::cases(),
            ...ShortfallReason::cases(),
        ];
        foreach ($all as $case) {
            yield $case::class.' '.$case->value => [$case];
        }
    }

    /** Each name in a sentence is one that the core gives with it: its source has it as a key. */
    #[DataProvider('cases')]
    public function test_every_case_has_a_sentence_with_the_figures_that_the_core_gives(BackedEnum $case): void
    {
        $sentence = Names::sentence($case);
        self::assertNotSame('', $sentence);
        $folder = dirname((string) (new ReflectionClass($case))->getFileName());
        $core = implode('', array_map(file_get_contents(...), glob("$folder/*.php") ?: []));
        $own = ['yard', 'method', 'day', 'what', 'how', 'for'];
        preg_match_all('/:([a-z_]+)/i', $sentence, $found);
        foreach (array_diff(array_map(mb_strtolower(...), $found[1]), $own) as $name) {
            self::assertStringContainsString("'$name' =>", $core, $sentence);
        }
    }

    public function test_what_has_no_words_is_a_fault(): void
    {
        $this->expectException(LogicException::class);
        Wording::forPrograms()->statement(new Statement(Phase::Strong));
    }

    public function test_figures_are_in_the_readers_units(): void
    {
        $us = new Wording(new Formatter(new Preferences('us')));
        self::assertSame(
            'No day of the forecast is dry and at least 54'.self::NARROW.'°F.',
            $us->statement(new Statement(Refusal::NoWarmDryDay, ['celsius' => 12.0])),
        );
        self::assertSame(
            'The scale hive changed by −2.20'.self::NARROW.'lb per day over its last full days: losing.',
            $us->statement(new Statement(FlowReason::ScaleChange, ['kg' => -1.0, 'phase' => Phase::Losing])),
        );
    }

    /** @return list<array{Shortfall, string}> */
    public static function shortfalls(): array
    {
        [$from, $by] = [new DateTimeImmutable('2026-08-06'), new DateTimeImmutable('2026-08-12')];
        $of = static fn (ShortfallReason $why, array $figures = [], ?DateTimeImmutable $on = null): Shortfall => new Shortfall(
            'h',
            new Statement($why, $figures),
            'crew',
            $on,
        );
        $visit = new Visit('h', 6, Method::EscapeBoard, $from, $by);

        return [
            [
                $of(ShortfallReason::TooFewBoards, ['hives' => 9, 'boards' => 6, 'short' => 3]),
                'Heath: 9 hives need 9 escape boards; you have 6. Get 3 more, or visit the yard in parts.',
            ],
            [
                $of(ShortfallReason::FitsNoDay, ['short' => 12.2], $by),
                'Heath fits on no day. Least is missing on Wed 12 Aug: 13 minutes.',
            ],
            [
                new Shortfall('h', new Statement(ShortfallReason::WouldFit), 'crew', null, null, $visit),
                'Heath would fit on Wed 12 Aug by escape boards, but the search found this too costly. '
                    .'Search again, or lock the visit there.',
            ],
            [
                new Shortfall('h', new Statement(ShortfallReason::Lacks), 'boards', null, null, $visit, [
                    new BrokenLimit(ScheduleLimit::Boards, $from, 2.0),
                    new BrokenLimit(ScheduleLimit::Truck, $by, 1.5),
                    new BrokenLimit(ScheduleLimit::Hold, $by, 3.0),
                    new BrokenLimit(ScheduleLimit::Crew, $by, 20.4),
                ]),
                'Heath by escape boards on Wed 12 Aug lacks 2 escape boards on Thu 6 Aug '
                    .'and room for 2 supers on the truck on Wed 12 Aug '
                    .'and room for 3 supers in the honey room on Wed 12 Aug '
                    .'and 21 minutes of crew time on Wed 12 Aug.',
            ],
        ];
    }

    #[DataProvider('shortfalls')]
    public function test_what_does_not_fit_in_words(Shortfall $one, string $sentence): void
    {
        self::assertSame($sentence, Wording::forPrograms()->shortfall($one, 'Heath'));
    }

    public function test_every_name_is_one_of_its_own(): void
    {
        $say = Wording::forPrograms();
        $names = [
            array_map($say->verdict(...), Verdict::cases()),
            array_map($say->advice(...), Verdict::cases()),
            array_map($say->mark(...), Verdict::cases()),
            array_map($say->method(...), Method::cases()),
            array_map($say->glyph(...), Method::cases()),
            array_map($say->ripenessSchool(...), RipenessSchool::cases()),
            array_map($say->winterSchool(...), WinterSchool::cases()),
            array_map($say->limit(...), ScheduleLimit::cases()),
        ];
        foreach ($names as $of) {
            self::assertSame($of, array_unique($of));
            self::assertNotContains('', $of);
        }
        $signs = [];
        foreach (Sign::cases() as $sign) {
            foreach (array_keys($sign->results()) as $result) {
                $signs[] = $words = $say->sign($sign, (string) $result);
                self::assertNotSame($sign->value, $words, 'A sign in words, not by its key.');
            }
        }
        self::assertSame($signs, array_unique($signs));
    }

    public function test_every_drawn_mark_is_in_the_sprite(): void
    {
        $sprite = (string) file_get_contents(dirname(__DIR__, 2).'/resources/views/components/sprite.blade.php');
        $say = Wording::forPrograms();
        $marks = [
            ...array_map($say->mark(...), Verdict::cases()),
            ...array_map($say->glyph(...), Method::cases()),
            'feed',
        ];
        foreach ($marks as $mark) {
            self::assertStringContainsString("id=\"v-$mark\"", $sprite);
        }
    }

    public function test_a_refusal_names_what_is_allowed(): void
    {
        $refused = InvalidInput::outOfRange('The share of capped', 1.2, '0 to 1', '/capped');
        self::assertStringContainsString('1.2', Wording::forPrograms()->refusal($refused));
        self::assertStringContainsString('0 to 1', Wording::forPrograms()->refusal($refused));
    }

    public function test_a_lift_says_how_hard_it_is(): void
    {
        $say = Wording::forPrograms();
        $easy = $say->lift(new LiftResult(16.0, 8.0, []));
        $hard = $say->lift(new LiftResult(10.0, 32.0, []));
        self::assertStringEndsWith('(lifting index 0.5)', $easy);
        self::assertStringEndsWith('(lifting index 3.2)', $hard);
        self::assertNotSame(substr($easy, 11), substr($hard, 11));
        self::assertStringContainsString('∞', $say->lift(new LiftResult(0.0, 8.0, [])));
    }

    public function test_choices_have_a_word_for_each_case(): void
    {
        self::assertSame(array_column(Method::cases(), 'value'), array_keys(Choices::methods()));
        $all = [Choices::methods(), Choices::feeds(), Choices::weighings(), Choices::scales()];
        foreach ($all as $choices) {
            self::assertSame($choices, array_unique($choices));
            self::assertNotContains('', $choices);
        }
        self::assertSame('unheard-of', Wording::forPrograms()->feed('unheard-of'));
    }
}
