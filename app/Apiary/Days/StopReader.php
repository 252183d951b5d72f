<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use Illuminate\Support\Collection;

/** Reads what is done in a yard on a day, or for a clearing on all its days. */
final readonly class StopReader
{
    public function __construct(private YardReader $yards, private YardTroubles $troubles)
    {
    }

    /** @return list<YardVisit> both visits of a clearing, where it has two */
    public function ofClearing(Clearing $clearing): array
    {
        return array_map(fn (string $day): YardVisit => $this->visit($clearing, $day), $clearing->days());
    }

    /**
     * @param  Collection<int, Clearing>  $clearings  of one yard, worked on that day
     * @param  string  $date  Y-m-d
     * @param  float  $drive  minutes from the stop before
     */
    public function stop(Collection $clearings, string $date, float $drive): Stop
    {
        $visits = array_values(
            $clearings->map(fn (Clearing $clearing): YardVisit => $this->visit($clearing, $date))->all(),
        );
        $codes = array_unique(array_map(strval(...), array_merge(
            [],
            ...array_map(static fn (YardVisit $visit): array => array_keys($visit->byHive), $visits),
        )));
        sort($codes, SORT_NATURAL);

        return new Stop(
            $drive,
            $visits,
            array_map(static fn (string $code): HiveWork => self::hive($code, $visits), $codes),
            $this->troubles->of($visits[0]->clearing->apiary_id),
        );
    }

    private function visit(Clearing $clearing, string $date): YardVisit
    {
        $yard = $this->yards->one($clearing->apiary);
        /** @var Collection<string, Collection<int, ClearingSuper>> $byHive */
        $byHive = $clearing->items
            ->groupBy(fn (ClearingSuper $super): string => $super->hive->code)
            ->sortKeys(SORT_NATURAL);

        return new YardVisit(
            $clearing,
            $date,
            $clearing->places($date),
            $yard,
            $byHive->all(),
            Lifts::of($yard),
        );
    }

    /** @param  list<YardVisit>  $visits */
    private static function hive(string $code, array $visits): HiveWork
    {
        $works = $look = $boards = $gone = $first = [];
        $hasNoBoard = false;
        foreach ($visits as $visit) {
            array_push($look, ...$visit->toLookAt($code));
            $hasNoBoard = $hasNoBoard || $visit->hasNoBoard($code);
            foreach ($visit->byHive[$code] ?? [] as $super) {
                $box = $visit->box($super);
                $boards = [...$boards, ...$visit->places ? [$super] : []];
                $isWhole = ! $visit->takesFrames();
                $first = [...$first, ...$isWhole && $visit->isFirst() ? [$super->box_id] : []];
                if ($box === null) {
                    $gone = [...$gone, ...$visit->places ? [] : [$super]];

                    continue;
                }
                $fate = $visit->places ? Fate::Above : Fate::Off;
                $works[$box->id] = new BoxWork(
                    $box,
                    $fate,
                    $super,
                    $visit->isTicked($super),
                    $isWhole ? $visit->lift($super) : null,
                    ! $isWhole,
                );
            }
        }
        $hive = $visits[0]->yard->hive($code);
        $below = array_column(array_diff_key(
            array_column($hive?->belowFirst($first) ?? [], null, 'id'),
            $works,
        ), 'id');
        $stays = static fn (BoxState $box): Fate => in_array($box->id, $below, true) ? Fate::Below : Fate::Stays;

        return new HiveWork(
            $code,
            $hive,
            array_map(
                static fn (BoxState $box): BoxWork => $works[$box->id] ?? new BoxWork($box, $stays($box)),
                $hive?->fromTheTop() ?? [],
            ),
            $look,
            $boards,
            Clearing::hasBoard(new Collection($boards)),
            $gone,
            $hasNoBoard,
        );
    }
}
