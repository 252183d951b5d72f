<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\Lot;
use DateTimeImmutable;

/** The one figure under each stage's name. */
final readonly class StageFigures
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @param  list<YardSummary>  $yards
     * @param  ?Clearing  $next  the next that is not collected
     * @param  float  $kg  of the season
     * @return array<string, Figure> by stage
     */
    public function of(array $yards, ?Clearing $next, float $kg): array
    {
        $over = count(array_filter($yards, static fn (YardSummary $yard): bool => $yard->flow->isOver));
        $look = array_sum(array_column($yards, 'look'));
        $feed = array_sum(array_column($yards, 'toFeed'));
        $season = $this->current->season();
        $lots = Lot::query()->whereHas('harvest', fn ($harvest) => $harvest->where('season', $season))->count();

        return [
            'watch' => new Figure(
                $over === 0 ? 'no flow over yet' : 'over in :n of :all yards',
                ['n' => $over, 'all' => count($yards)],
            ),
            'assess' => new Figure(
                '{0} nothing to inspect|{1} :n super to inspect|[2,*] :n supers to inspect',
                ['n' => $look],
            ),
            'winter' => self::winter($feed, array_sum(array_column($yards, 'storesUnknown'))),
            'clear' => self::clear($next, array_sum(array_column($yards, 'coming'))),
            'honey-room' => new Figure(
                '{0} no lot this season|{1} :n lot this season|[2,*] :n lots this season',
                ['n' => $lots],
            ),
            'compare' => new Figure('season :kg', kg: $kg),
        ];
    }

    private static function winter(int $feed, int $unknown): Figure
    {
        return match (true) {
            $feed > 0 => new Figure('{1} :n hive to feed|[2,*] :n hives to feed', ['n' => $feed]),
            $unknown > 0 => new Figure('stores of :n not inspected', ['n' => $unknown]),
            default => new Figure('no hive to feed'),
        };
    }

    private static function clear(?Clearing $next, int $coming): Figure
    {
        if ($next !== null) {
            $on = $next->state === ClearingState::Placed ? $next->inOn() : $next->first_on;

            return new Figure('next visit :day', day: new DateTimeImmutable($on->format('Y-m-d')));
        }

        return $coming > 0
            ? new Figure(':n to come off', ['n' => $coming])
            : new Figure('nothing to come off');
    }
}
