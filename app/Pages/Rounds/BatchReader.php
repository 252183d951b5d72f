<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardReader;
use App\Apiary\Overview\ComingReader;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;
use App\Models\Schedules\AskedDates;
use App\Models\Schedules\DeadlineReason;
use App\Models\Schedules\LeftOut;
use App\Models\Schedules\LeftOutReason;
use App\Models\Schedules\Waiting;
use DateTimeImmutable;
use Marjoram\Core\Ripeness\Verdict;

/**
 * What is to come in from each yard: what is ripe now, and what will be ripe within the days of a schedule; each with
 * the day on which it is ready and the day by which it should be off (the label of a treatment, the end of the flow).
 */
final readonly class BatchReader
{
    public function __construct(private YardReader $yards, private ComingReader $coming)
    {
    }

    public function of(DateTimeImmutable $first, DateTimeImmutable $last, Waiting $waiting): Batches
    {
        $in = $left = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $found = $this->yard($apiary, $first, $last, $waiting);
            $in = [...$in, ...$found->in];
            $left = [...$left, ...$found->left];
        }

        return new Batches($in, $left);
    }

    private function yard(Apiary $apiary, DateTimeImmutable $first, DateTimeImmutable $last, Waiting $waiting): Batches
    {
        $coming = $this->coming->of($apiary);
        $left = self::staying($apiary, $coming);
        $now = $coming->now === []
            ? []
            : [new ReadySupers($apiary, $coming->now, false, self::dates($coming, $first, $last))];
        if ($coming->later === [] || $waiting === Waiting::Out) {
            return new Batches($now, $left);
        }
        $ready = self::ready($coming, $first);
        $late = self::tooLate($apiary, $coming, $ready, $last);
        if ($late !== null) {
            return new Batches($now, [...$left, $late]);
        }
        $then = new ReadySupers($apiary, $coming->later, true, self::dates($coming, $ready, $last));

        return new Batches(
            $waiting === Waiting::Together && $now !== [] ? [$now[0]->with($then)] : [...$now, $then],
            $left,
        );
    }

    /** The day on which the last of what is to wait is ripe. */
    private static function ready(YardComing $coming, DateTimeImmutable $first): DateTimeImmutable
    {
        $later = static fn (DateTimeImmutable $day, JudgedSuper $one): DateTimeImmutable => max(
            $day,
            $one->ripeOn === null ? $day : new DateTimeImmutable($one->ripeOn),
        );

        return array_reduce(array_merge([], ...array_values($coming->later)), $later, $first);
    }

    private static function tooLate(
        Apiary $apiary,
        YardComing $coming,
        DateTimeImmutable $ready,
        DateTimeImmutable $last,
    ): ?LeftOut {
        $supers = count(array_merge([], ...array_values($coming->later)));

        return match (true) {
            $coming->treatment !== null && $ready->format('Y-m-d') > $coming->treatment->format('Y-m-d') => new LeftOut(
                LeftOutReason::AfterTreatment,
                $apiary->name,
                $supers,
                $ready,
                $coming->treatment,
            ),
            $ready > $last => new LeftOut(LeftOutReason::AfterLastDay, $apiary->name, $supers, $ready),
            default => null,
        };
    }

    /** Off by the earliest of the days that bind; where it is past, or before they are ripe, the first day there is. */
    private static function dates(YardComing $coming, DateTimeImmutable $ready, DateTimeImmutable $last): AskedDates
    {
        [$flow, $treatment] = [$coming->offAfterFlow, $coming->treatment];
        [$by, $why] = match (true) {
            $flow !== null && ($treatment === null || $flow < $treatment) => [$flow, DeadlineReason::Flow],
            $treatment !== null => [$treatment, DeadlineReason::Treatment],
            default => [$last, DeadlineReason::LastDay],
        };

        return new AskedDates($ready, max($by, $ready), $why, $treatment, $coming->flowEnds);
    }

    /** @return list<LeftOut> */
    private static function staying(Apiary $apiary, YardComing $coming): array
    {
        $known = $coming->planned();
        $undecided = array_filter(
            $coming->overview->supers(),
            static fn (JudgedSuper $super): bool => $super->decided === null,
        );
        $look = array_filter($undecided, static fn (JudgedSuper $super): bool => $super->isToLookAt());
        $forWinter = array_filter($undecided, static fn (JudgedSuper $super): bool => $super->verdict === Verdict::Wait
            && ! $super->spareWhenRipe && ! in_array($super->id, $known, true));
        $left = [
            new LeftOut(LeftOutReason::ToLook, $apiary->name, count($look)),
            new LeftOut(LeftOutReason::ForWinter, $apiary->name, count($forWinter)),
        ];

        return array_values(array_filter($left, static fn (LeftOut $one): bool => $one->supers > 0));
    }
}
