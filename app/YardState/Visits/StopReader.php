<?php

declare(strict_types=1);

namespace App\YardState\Visits;

use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\YardState\BoxState;
use App\YardState\Lifts;
use App\YardState\YardReader;
use App\YardState\YardState;
use Illuminate\Support\Collection;

/** Reads what is done for a clearing on a day. */
final readonly class StopReader
{
    private const MINUTES_A_BOX = 2;

    public function __construct(private YardReader $yards)
    {
    }

    /** @return list<Stop> both visits of a clearing, where it has two */
    public function ofClearing(Clearing $clearing): array
    {
        $going = array_values($clearing->items->pluck('box_id')->all());
        $days = array_unique(array_filter([
            $clearing->first_on->format('Y-m-d'),
            $clearing->second_on?->format('Y-m-d'),
        ]));

        return array_values(array_map(fn (string $day): Stop => $this->stop($clearing, $day, 0.0, $going), $days));
    }

    /** @param  list<string>  $going  boxes of all that is worked there that day: none of them is moved below another */
    public function stop(
        Clearing $clearing,
        string $date,
        float $drive,
        array $going,
        bool $sameStop = false,
    ): Stop {
        $places = $clearing->second_on !== null && $clearing->first_on->format('Y-m-d') === $date;
        $yard = $this->yards->one($clearing->apiary);
        /** @var Collection<string, Collection<int, ClearingSuper>> $byHive */
        $byHive = $clearing->items
            ->groupBy(fn (ClearingSuper $super): string => $super->hive->code)
            ->sortKeys(SORT_NATURAL);
        $below = $places || $clearing->second_on === null ? self::below($yard, $byHive, $going) : [];

        return new Stop(
            $clearing,
            $places,
            $drive,
            $yard,
            $byHive->all(),
            Lifts::of($yard),
            $below,
            self::MINUTES_A_BOX * array_sum(array_map(count(...), $below)),
            $sameStop,
        );
    }

    /**
     * @param  Collection<string, Collection<int, ClearingSuper>>  $byHive
     * @param  list<string>  $going
     * @return array<string, list<BoxState>>
     */
    private static function below(YardState $yard, Collection $byHive, array $going): array
    {
        $stays = static fn (BoxState $box): bool => ! in_array($box->id, $going, true);
        $below = [];
        foreach ($byHive as $code => $supers) {
            $moves = $yard->hive((string) $code)?->belowFirst(array_values($supers->pluck('box_id')->all())) ?? [];
            $below[(string) $code] = array_values(array_filter($moves, $stays));
        }

        return array_filter($below);
    }
}
