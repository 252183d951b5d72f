<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * What a service of some hives costs: minutes of its visits and what is charged for weather, dearth and lateness; and
 * which services there are at all for a yard.
 */
final readonly class Services
{
    public function __construct(private RoundTask $task)
    {
    }

    /**
     * @return array{float, float} minutes of the first and of the last visit; the first is 0 where there is one visit only
     */
    public function work(Way $way, int $hives, float $supers, int $nights): array
    {
        $p = $this->task->params;

        return match ($way) {
            Way::Escape => [$p->escapePlaceSetup + $p->escapePlacePerHive * $hives, $p->escapeCollectSetup + $p->escapeCollectPerHive * $hives + ($p->escapeCollectPerSuper + ($nights === 1 ? $p->escapeOneNightPerSuper : 0.0)) * $supers],
            Way::Fume => [0.0, $p->fumeSetup + $p->fumePerHive * $hives + $p->fumePerSuper * $supers],
            Way::Blower => [0.0, $p->blowerSetup + $p->blowerPerHive * $hives + $p->blowerPerSuper * $supers],
            Way::Brush => [0.0, $p->brushSetup + $p->brushPerHive * $hives + $p->brushPerSuper * $supers],
        };
    }

    /** @return array{weather: float, robbing: float, late: float} */
    public function penalties(Way $way, RoundYard $yard, int $hives, int $first, int $last): array
    {
        $p = $this->task->params;
        $sky = $this->task->sky($yard, $last);
        $weather = $robbing = 0.0;
        if ($way === Way::Escape) {
            $nights = $this->nights($first, $last);
            $weather = $p->escapeRainPerHive * $hives * ($this->task->sky($yard, $first)->rainP + $sky->rainP) + ($nights === 3 ? $p->escapeThreeNightsPerHive * $hives : 0.0);
        } else {
            $weather = $p->openRainPerHive * $hives * $sky->rainP;
            $robbing = $sky->dearth ? ($way === Way::Fume ? $p->fumeDearthPerHive : $p->openDearthPerHive) * $hives : 0.0;
        }
        $over = (int) $yard->deadline->diff($this->task->days[$last]->date)->format('%r%a');

        return ['weather' => $weather, 'robbing' => $robbing, 'late' => $p->latePerHiveDay * $hives * max(0, $over)];
    }

    public function nights(int $first, int $last): int
    {
        return (int) $this->task->days[$first]->date->diff($this->task->days[$last]->date)->format('%r%a');
    }

    /** Why a way cannot be used at a yard on any day, apart from limits of time and room; null where it can. */
    public function lacksKit(Way $way): bool
    {
        return match ($way) {
            Way::Escape => $this->task->escapeBoards < 1,
            Way::Fume => $this->task->fumeBoards < 1,
            Way::Blower => ! $this->task->blower,
            Way::Brush => false,
        };
    }

    public function weatherAllows(Way $way, RoundYard $yard, int $d): bool
    {
        $sky = $this->task->sky($yard, $d);

        return $way === Way::Escape || ($sky->rainP < $this->task->params->openRainMax && ($way !== Way::Fume || $sky->maxC >= $this->task->params->fumeMinC));
    }

    /**
     * All services of a yard that kit, dates and weather allow, whether or not they fit the day.
     *
     * @return list<array{Way, int, int}> way, first and last day
     */
    public function candidates(RoundYard $yard): array
    {
        $found = [];
        foreach ($yard->ways as $way) {
            if ($this->lacksKit($way)) {
                continue;
            }
            foreach ($this->task->days as $d => $day) {
                if ($day->crewMin <= 0.0 || $day->date < $yard->ready || ! $this->weatherAllows($way, $yard, $d)) {
                    continue;
                }
                if ($way !== Way::Escape) {
                    $found[] = [$way, $d, $d];

                    continue;
                }
                for ($e = $d + 1; $e < count($this->task->days) && $this->nights($d, $e) <= $this->task->params->maxNights; $e++) {
                    if ($this->task->days[$e]->crewMin > 0.0) {
                        $found[] = [$way, $d, $e];
                    }
                }
            }
        }

        return $found;
    }

    /**
     * By how much a service of so many hives breaks each limit when nothing else is done; none for one that fits.
     *
     * @param  array{Way, int, int}  $service
     * @return array<string, float> boards, crew, truck, hold
     */
    public function excessAlone(int $yard, array $service, int $hives): array
    {
        [$way, $first, $last] = $service;
        $of = $this->task->yards[$yard];
        $supers = $of->supersPerHive() * $hives;
        [$place, $collect] = $this->work($way, $hives, $supers, $this->nights($first, $last));
        $drive = $this->task->travel->minutes[0][$yard + 1] + $this->task->travel->minutes[$yard + 1][0];
        $excess = ['boards' => $way === Way::Escape ? (float) ($hives - $this->task->escapeBoards) : 0.0, 'crew' => $drive + $collect - $this->task->days[$last]->crewMin, 'truck' => $supers - $this->task->truckSupers, 'hold' => $supers - $this->task->holdSupers];
        if ($way === Way::Escape) {
            $excess['crew'] = max($excess['crew'], $drive + $place - $this->task->days[$first]->crewMin);
        }

        return array_filter($excess, static fn (float $by): bool => $by > 1e-9);
    }
}
