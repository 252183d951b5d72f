<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Foundation\Units\Formatter;
use App\Foundation\Units\Preferences;
use App\Words\Choices;
use App\Words\Wording;
use BackedEnum;
use DateTimeImmutable;
use LogicException;
use Marjoram\Core\Clearing\Caution;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\RankReason;
use Marjoram\Core\Clearing\Refusal;
use Marjoram\Core\Clearing\RobbingRisk;
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
use Marjoram\Core\Statement;
use PHPUnit\Framework\Attributes\DataProvider;

/** Everything that the core can say has its sentence, with its figures where the reader wants them. */
final class WordingTest extends FeatureTestCase
{
    private const NARROW = "\u{202F}";

    /** @return list<array{Statement, string}> */
    public static function statements(): array
    {
        $odds = ['p' => 0.934, 'asked' => 0.9];
        $water = ['pct' => 17.34, 'sd_pct' => 0.26, 'most_pct' => 18.0];

        return [
            [new Statement(Reason::Brood), 'There is brood on a frame of this super.'],
            [new Statement(Reason::NoHoney), 'There is no honey in the frames seen.'],
            [new Statement(Reason::PutOnEmpty, ['days' => 0.0]), 'It was put on empty today.'],
            [
                new Statement(Reason::PutOnEmpty, ['days' => 5.0]),
                'It was put on empty 5 days ago; nobody has looked since.',
            ],
            [
                new Statement(Reason::PolicyMet, $odds),
                'The policy is met with a probability of 93 %; 90 % was asked for.',
            ],
            [
                new Statement(Reason::PolicyOpen, $odds),
                'Whether the policy is met is open: 93 %; it takes 90 % to decide.',
            ],
            [
                new Statement(Reason::PolicyNotMet, ['p' => 0.04, 'asked' => 0.9]),
                'The policy is met with a probability of only 4 %; 90 % was asked for.',
            ],
            [
                new Statement(Reason::CappedShare, ['share' => 0.816, 'sd' => 0.05, 'asked' => 0.8]),
                'Of the honey 82 % is capped (standard deviation 5); the policy asks for 80 %.',
            ],
            [
                new Statement(Reason::WaterMeasured, $water),
                'Water measured: 17.3 % (standard deviation 0.3); at most 18.0 % is wanted.',
            ],
            [
                new Statement(Reason::WaterPresumed, $water),
                'Water presumed from the capping, no reading: 17.3 % (standard deviation 0.3); '
                    .'at most 18.0 % is wanted.',
            ],
            [
                new Statement(Reason::FramesPresumed, ['frames' => 7, 'of' => 10]),
                '7 of 10 frames were not looked at and are presumed.',
            ],
            [
                new Statement(Reason::FramesGlanced, ['frames' => 3]),
                '3 frames were not pulled, but taken as like another; they count as less sure.',
            ],
            [
                new Statement(Reason::UnderCapped),
                'Presumed, not seen: a super above it is capped, so more capping is expected here.',
            ],
            [
                new Statement(Reason::CanDry, ['most_pct' => 20.0]),
                'At most 20 % water and near the capping asked for: the drying room can do the rest.',
            ],
            [new Statement(Reason::FlowOn), 'The flow is not over: the bees are still filling and capping.'],
            [
                new Statement(Reason::SomeFramesRipe, ['frames' => 4]),
                '4 frames are ripe by themselves and can be gathered; the rest stays.',
            ],
            [
                new Statement(TakingCaution::LookForTheQueen),
                'No excluder and frames not looked at: look for brood and the queen before it is taken.',
            ],
            [new Statement(Refusal::NoSuper), 'No super is to come off.'],
            [
                new Statement(Refusal::TooFewBoards, ['boards' => 8, 'hives' => 9, 'short' => 1]),
                '8 boards for 9 hives: 1 short.',
            ],
            [
                new Statement(Refusal::BroodAbove, ['hives' => ['E3', 'E7']]),
                'Brood in the supers of E3, E7: bees do not leave it.',
            ],
            [new Statement(Refusal::TooFewDays), 'Two days are needed and fewer are known.'],
            [new Statement(Refusal::NoFumeBoard), 'There is no fume board.'],
            [new Statement(Refusal::NoBlower), 'There is no blower.'],
            [
                new Statement(Refusal::NoWarmDryDay, ['celsius' => 12.0]),
                'No day known is dry and at least 12'.self::NARROW.'°C.',
            ],
            [new Statement(Refusal::NoDryDay), 'No day known is dry enough.'],
            [
                new Statement(Refusal::NoColdDryDay, ['celsius' => 8.0]),
                'No night known is dry and colder than 8'.self::NARROW.'°C.',
            ],
            [
                new Statement(Caution::BreakTheSealAgain),
                'Break the seal the day before and weight it again; the excluder out; the cluster must sit below.',
            ],
            [
                new Statement(Caution::RightSideUp),
                'Right side up, gaps taped, no upper entrance; no board longer than three nights.',
            ],
            [
                new Statement(Caution::FollowTheLabel),
                'Repellent: follow the label, gloves, open air; some taint whatever they touch.',
            ],
            [
                new Statement(Caution::NoiseAndDebris),
                'Noise and flying debris: ear and eye protection; people stand clear.',
            ],
            [new Statement(Caution::CoverAtOnce), 'Cover each box at once: robbing once begun is hard to stop.'],
            [
                new Statement(Caution::LookForTheQueen, ['hive' => 'E3']),
                'No excluder on E3: look for brood and the queen first.',
            ],
            [new Statement(RankReason::NoMethod), 'No method can be used on the days known.'],
            [new Statement(RankReason::OnlyMethod), 'It is the only method that can be used.'],
            [
                new Statement(RankReason::LessWork, ['person_minutes' => 41.6]),
                'It takes 42 person-minutes less than the next.',
            ],
            [
                new Statement(RankReason::LessWorkAtRisk, ['person_minutes' => 41.6, 'risk' => RobbingRisk::High]),
                'It takes 42 person-minutes less and the risk of robbing is high.',
            ],
            [
                new Statement(RankReason::FewerBees, ['person_minutes' => 30.0, 'risk' => RobbingRisk::Low]),
                'It takes 30 person-minutes more than the next but leaves fewer bees and a low risk of robbing.',
            ],
            [
                new Statement(FlowReason::TooFewDays),
                'Fewer than 3 full days of scale readings: the scale says nothing.',
            ],
            [
                new Statement(FlowReason::ScaleChange, ['kg' => 1.234, 'phase' => Phase::Strong]),
                'The scale hive changed by +1.23'.self::NARROW.'kg a day over its last full days: strong.',
            ],
            [
                new Statement(FlowReason::SignSeen, [
                    'sign' => Sign::NewWax,
                    'result' => 'seen',
                    'on' => new DateTimeImmutable('2026-08-04'),
                    'ratio' => '1/4',
                ]),
                'new white wax is drawn (Tue 4 Aug), odds times 1/4.',
            ],
        ];
    }

    #[DataProvider('statements')]
    public function test_what_the_core_says_in_words(Statement $said, string $sentence): void
    {
        self::assertSame($sentence, Wording::forPrograms()->statement($said));
    }

    public function test_no_case_is_without_a_sentence(): void
    {
        $said = array_map(static fn (array $one): BackedEnum => $one[0]->what, self::statements());
        $all = [
            ...Reason::cases(),
            ...TakingCaution::cases(),
            ...Refusal::cases(),
            ...Caution::cases(),
            ...RankReason::cases(),
            ...FlowReason::cases(),
        ];
        $names = static fn (array $cases): array => array_map(
            static fn (BackedEnum $case): string => $case::class.' '.$case->value,
            $cases,
        );
        self::assertSame([], array_values(array_diff($names($all), $names($said))));
        $this->expectException(LogicException::class);
        Wording::forPrograms()->statement(new Statement(Verdict::Take));
    }

    public function test_figures_are_in_the_readers_units(): void
    {
        $us = new Wording(new Formatter(new Preferences('us')));
        self::assertSame(
            'No day known is dry and at least 54'.self::NARROW.'°F.',
            $us->statement(new Statement(Refusal::NoWarmDryDay, ['celsius' => 12.0])),
        );
        self::assertSame(
            'The scale hive changed by −2.20'.self::NARROW.'lb a day over its last full days: losing.',
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
            [$of(ShortfallReason::NoCrewTime), 'No day has any crew time.'],
            [$of(ShortfallReason::NoKit), 'Heath: there is no kit for any method allowed there.'],
            [
                $of(ShortfallReason::NoCrewDay, ['from' => $from]),
                'Heath: no day from Thu 6 Aug on has crew time.',
            ],
            [
                $of(ShortfallReason::NoWeather, ['from' => $from]),
                'Heath: no day with crew time from Thu 6 Aug on has the weather, or two days for boards. '
                    .'One dry day more, or escape boards, would do.',
            ],
            [
                $of(ShortfallReason::NoDayInTime, ['ready' => $from, 'deadline' => $by]),
                'Heath: no day between Thu 6 Aug and its deadline, Wed 12 Aug, has both crew time and the weather. '
                    .'A later deadline, or boards, would do.',
            ],
            [
                $of(ShortfallReason::TooFewBoards, ['hives' => 9, 'boards' => 6, 'short' => 3]),
                'Heath: 9 hives need 9 escape boards and there are 6: 3 more, or serve it in parts.',
            ],
            [
                $of(ShortfallReason::BeyondTruckload, ['supers' => 40, 'room' => 30]),
                'Heath: 40 supers come off and a truckload is 30: it must be served in parts.',
            ],
            [
                $of(ShortfallReason::BeyondHoneyRoom, ['supers' => 40, 'room' => 30]),
                'Heath: 40 supers come off and the honey room holds 30: it must be served in parts.',
            ],
            [
                $of(ShortfallReason::FitsNoDay, ['short' => 12.2], $by),
                'Heath: it fits no day; the least is missing on Wed 12 Aug: 13 minutes.',
            ],
            [
                new Shortfall('h', new Statement(ShortfallReason::WouldFit), 'crew', null, null, $visit),
                'Heath would fit on Wed 12 Aug by escape boards; the search has not found it worth its cost. '
                    .'Search again, or lock it there.',
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

    public function test_no_shortfall_is_without_a_sentence(): void
    {
        $said = array_map(static fn (array $one): string => (string) $one[0]->why->what->value, self::shortfalls());
        self::assertSame([], array_diff(array_column(ShortfallReason::cases(), 'value'), $said));
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
        self::assertStringStartsWith('index 0.5: ', $easy);
        self::assertStringStartsWith('index 3.2: ', $hard);
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
