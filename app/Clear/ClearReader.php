<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\Models\Treatment;
use App\Models\WeatherDay;
use App\Operation\CurrentOperation;
use App\YardState\BoxState;
use App\YardState\HiveState;
use App\YardState\Winter\HiveWinter;
use App\YardState\Winter\WinterReader;
use App\YardState\YardState;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\MethodComparison;
use Marjoram\Core\Lifting\Lift;
use Marjoram\Core\Lifting\Lifting;
use Marjoram\Core\Lifting\LiftResult;
use Marjoram\Core\Ripeness\NectarFlow;

/** Maps what is ripe and not needed for winter to the core's question about clearing. */
final readonly class ClearReader
{
    private const DAYS = 10;

    /** Hands under a box: its floor above the ground, and the height of a barrow or a truck bed. */
    private const STAND_CM = 26.0;

    private const BED_CM = 80.0;

    public function __construct(private CurrentOperation $current, private WinterReader $winter)
    {
    }

    public function read(YardState $yard): YardClearing
    {
        $winter = $this->winter->read($yard);
        $plans = Clearing::query()
            ->where('apiary_id', $yard->apiary->id)
            ->where('state', '!=', 'collected')
            ->with(['items.hive', 'items.box'])
            ->orderBy('first_on')
            ->get();
        $planned = $plans->flatMap(fn (Clearing $plan): Collection => $plan->items)->pluck('box_id')->all();
        $free = static fn (array $boxes): array => array_values(
            array_filter($boxes, static fn (BoxState $box): bool => ! in_array($box->box->id, $planned, true)),
        );
        $coming = array_filter(array_map(static fn (HiveWinter $hive): array => $free($hive->comingOff()), $winter));
        $later = array_filter(array_map(static fn (HiveWinter $hive): array => $free($hive->comingLater()), $winter));
        [$forecast, $presumed] = $this->forecast($yard);
        $clearing = new MethodComparison;
        $kit = $this->current->get()->kit ?? [];
        $dearth = $yard->flow->forRipeness() === NectarFlow::Over;
        $methods = $clearing->compare(
            $this->hives($yard, $coming),
            $forecast,
            $this->current->get()->crew,
            new Kit($kit['escape_boards'] ?? 0, $kit['fume_boards'] ?? 0, $kit['blower'] ?? false),
            $dearth,
        );

        return new YardClearing(
            $yard,
            $coming,
            $methods,
            $clearing->reasonOfRank($methods),
            $forecast,
            $presumed,
            $this->lifts($yard),
            array_values($plans->all()),
            Treatment::query()
                ->where('apiary_id', $yard->apiary->id)
                ->where('supers_off_by', '>=', $this->current->today())
                ->orderBy('supers_off_by')
                ->first()?->supers_off_by,
            $later,
        );
    }

    /**
     * @param  array<string, list<BoxState>>  $coming
     * @return list<HiveToClear>
     */
    private function hives(YardState $yard, array $coming): array
    {
        $hives = [];
        foreach ($coming as $code => $boxes) {
            $state = $yard->hives[$code];
            $brood = array_filter($boxes, static fn (BoxState $box): bool => $box->hasBrood());
            $hives[] = new HiveToClear(
                (string) $code,
                count($boxes),
                $brood !== [],
                $state->hive->excluder,
                $this->toMoveBelow($state, $boxes),
            );
        }

        return $hives;
    }

    /**
     * Only supers above a board are cleared: those that stay and stand above one that goes are moved below it.
     *
     * @param  list<BoxState>  $coming
     */
    public function toMoveBelow(HiveState $state, array $coming): int
    {
        return count($this->belowFirst($state, $coming));
    }

    /**
     * @param  list<BoxState>  $coming
     * @return list<BoxState> from the lowest
     */
    public function belowFirst(HiveState $state, array $coming): array
    {
        $ids = array_map(static fn (BoxState $box): string => $box->box->id, $coming);
        $above = false;
        $moves = [];
        foreach ($state->supers() as $box) {
            $goes = in_array($box->box->id, $ids, true);
            if ($above && ! $goes) {
                $moves[] = $box;
            }
            $above = $above || $goes;
        }

        return $moves;
    }

    /** @return array{list<DayForecast>, bool} and whether climate means stand in for a forecast */
    public function forecast(YardState $yard): array
    {
        $today = $this->current->firstDayAhead();
        $days = WeatherDay::query()
            ->where('apiary_id', $yard->apiary->id)
            ->where('date', '>=', $today->format('Y-m-d'))
            ->orderBy('date')
            ->limit(self::DAYS)
            ->get();
        if ($days->isNotEmpty()) {
            return [
                array_values(
                    $days
                        ->map(
                            fn (WeatherDay $day): DayForecast => new DayForecast(
                                DateTimeImmutable::createFromInterface($day->date),
                                $day->min_c,
                                $day->max_c,
                                $day->rain_p,
                                $day->sun,
                            ),
                        )
                        ->all(),
                ),
                false,
            ];
        }
        $presumed = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $date = $today->modify("+$i days");
            $sky = \App\YardState\Weather\WeatherAhead::ofClimate($yard->apiary, $date);
            $presumed[] = new DayForecast($date, $sky['min_c'], $sky['max_c'], $sky['rain_p'], $sky['sun']);
        }

        return [$presumed, true];
    }

    /** @return array<string, LiftResult> by box id: from where it stands to the truck bed */
    public function lifts(YardState $yard): array
    {
        $lifting = new Lifting;
        $lifts = [];
        foreach ($yard->hives as $state) {
            $cm = self::STAND_CM;
            foreach ($state->boxes as $box) {
                $lifts[$box->box->id] = $lifting->assess(
                    new Lift(
                        $box->honey->grossKg,
                        min(300.0, $cm + 0.05 * $box->fitted->kind->externalHeightMm),
                        self::BED_CM,
                        35.0,
                    ),
                );
                $cm += $box->fitted->kind->externalHeightMm / 10.0;
            }
        }

        return $lifts;
    }
}
