<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;

/**
 * Explains what is not served or late: first what no plan could do (proofs), then what this plan leaves no room for:
 * with all else kept, the two services in time that lack least.
 */
final readonly class Shortfalls
{
    /** So much of each limit counts as equally hard to find. */
    private const HARDNESS = ['crew' => 60.0, 'boards' => 5.0, 'truck' => 10.0, 'hold' => 10.0];

    private Services $services;

    public function __construct(private RoundTask $task)
    {
        $this->services = new Services($task);
    }

    /** @return list<Shortfall> */
    public function of(RoundPlan $plan): array
    {
        $found = [];
        foreach ($this->task->yards as $a => $yard) {
            $missing = $plan->notServed[$a] ?? 0;
            $late = array_values(array_filter($plan->services, fn (Service $one): bool => $one->yard === $a && $this->task->days[$one->last]->date > $yard->deadline));
            if ($missing > 0 || $late !== []) {
                $hives = $missing > 0 ? $missing : $late[0]->hives;
                $found = [...$found, ...($this->proof($a, $hives) ?? $this->relative($a, $hives, $plan))];
            }
        }

        return $found;
    }

    /** @return list<Shortfall>|null what makes it impossible whatever the rest of the plan; null where nothing does */
    private function proof(int $a, int $hives): ?array
    {
        $yard = $this->task->yards[$a];
        if (array_filter($this->task->days, static fn (RoundDay $day): bool => $day->crewMin > 0.0) === []) {
            return [new Shortfall('crew', $a, null, null, 'No day has any crew time.')];
        }
        $ways = array_values(array_filter($yard->ways, fn (Way $way): bool => ! $this->services->lacksKit($way)));
        if ($ways === []) {
            return [new Shortfall('kit', $a, null, null, "$yard->id: there is no kit for any method allowed there.")];
        }
        $candidates = $this->services->candidates($yard);
        if ($candidates === []) {
            $sunny = array_filter($this->task->days, static fn (RoundDay $day): bool => $day->crewMin > 0.0 && $day->date >= $yard->ready);

            return [$sunny === []
                ? new Shortfall('crew', $a, null, null, "$yard->id: no day from {$yard->ready->format('j F')} on has crew time.")
                : new Shortfall('weather', $a, null, null, "$yard->id: no day with crew time from {$yard->ready->format('j F')} on has the weather, or two days for boards. One dry day more, or escape boards, would do.")];
        }
        $least = [INF, [], $candidates[0]];
        foreach ($candidates as $service) {
            $excess = $this->services->excessAlone($a, $service, $this->task->split ? 1 : $hives);
            if ($excess === []) {
                return null;
            }
            $hard = self::hardness($excess);
            if ($hard < $least[0]) {
                $least = [$hard, $excess, $service];
            }
        }

        return [$this->impossible($a, $hives, $least[1], $least[2])];
    }

    /**
     * @param  array<string, float>  $excess
     * @param  array{Way, int, int}  $service
     */
    private function impossible(int $a, int $hives, array $excess, array $service): Shortfall
    {
        $yard = $this->task->yards[$a];
        arsort($excess);
        $limit = (string) array_key_first($excess);
        $by = $excess[$limit];
        $day = $this->task->days[$service[2]]->date;
        $supers = self::number($yard->supersPerHive() * $hives);

        return match ($limit) {
            'boards' => new Shortfall('boards', $a, null, $by, "$yard->id: $hives hives need $hives escape boards and there are {$this->task->escapeBoards}: ".self::number($by).' more, or serve it in parts.'),
            'truck' => new Shortfall('truck', $a, null, $by, "$yard->id: $supers supers come off and a truckload is ".self::number($this->task->truckSupers).': it must be served in parts.'),
            'hold' => new Shortfall('hold', $a, null, $by, "$yard->id: $supers supers come off and the honey room holds ".self::number($this->task->holdSupers).': it must be served in parts.'),
            default => new Shortfall('crew', $a, $day, $by, "$yard->id: it fits no day; the least is missing on {$day->format('l j F')}: ".self::number($by).' minutes.'),
        };
    }

    /** @return list<Shortfall> at most two */
    private function relative(int $a, int $hives, RoundPlan $plan): array
    {
        $others = array_values(array_filter($plan->services, fn (Service $one): bool => $one->yard !== $a || isset($plan->notServed[$a])));
        $tours = new Tours($this->task->travel);
        $found = [];
        foreach ($this->services->candidates($this->task->yards[$a]) as [$way, $first, $last]) {
            if ($this->task->days[$last]->date > $this->task->yards[$a]->deadline) {
                continue;
            }
            $service = new Service($a, $hives, $way, $first, $last);
            $broken = RoundPlan::of($this->task, [...$others, $service], $tours)->broken;
            $excess = [];
            foreach ($broken as ['limit' => $limit, 'by' => $by]) {
                $excess[$limit] = max($excess[$limit] ?? 0.0, $by);
            }
            $found[] = [self::hardness($excess), $broken, $service];
        }
        if ($found === []) {
            $yard = $this->task->yards[$a];

            return [new Shortfall('weather', $a, $yard->deadline, null, "$yard->id: no day between {$yard->ready->format('j F')} and its deadline, {$yard->deadline->format('j F')}, has both crew time and the weather. A later deadline, or boards, would do.")];
        }
        usort($found, static fn (array $x, array $y): int => $x[0] <=> $y[0]);
        $told = [];
        foreach ($found as [, $broken, $service]) {
            $shortfall = $this->lacking($a, $broken, $service);
            $told[$shortfall->sentence] ??= $shortfall;
            if (count($told) === 2) {
                break;
            }
        }

        return array_values($told);
    }

    /** @param  list<array{limit: 'crew'|'truck'|'boards'|'hold', day: int, by: float}>  $broken */
    private function lacking(int $a, array $broken, Service $service): Shortfall
    {
        $yard = $this->task->yards[$a];
        $on = $this->task->days[$service->last]->date;
        if ($broken === []) {
            return new Shortfall('crew', $a, $on, null, "$yard->id would fit on {$on->format('l j F')} by {$service->way->value}; the search has not found it worth its cost. Plan again, or lock it there.", $service);
        }
        $parts = array_map(fn (array $one): string => self::words($one['limit'], $one['by'], $this->task->days[$one['day']]->date), $broken);
        $first = $broken[0];

        return new Shortfall($first['limit'], $a, $this->task->days[$first['day']]->date, $first['by'], "$yard->id by {$service->way->value} on {$on->format('l j F')} lacks ".implode(' and ', array_unique($parts)).'.', $service);
    }

    private static function words(string $limit, float $by, DateTimeImmutable $day): string
    {
        $on = 'on '.$day->format('l j F');

        return match ($limit) {
            'boards' => self::number($by)." escape boards $on",
            'truck' => 'room for '.self::number($by)." supers on the truck $on",
            'hold' => 'room for '.self::number($by)." supers in the honey room $on",
            default => self::number($by)." minutes of crew time $on",
        };
    }

    /** @param  array<string, float>  $excess */
    private static function hardness(array $excess): float
    {
        $sum = 0.0;
        foreach ($excess as $limit => $by) {
            $sum += $by / (self::HARDNESS[$limit] ?? 60.0);
        }

        return $sum;
    }

    private static function number(float $value): string
    {
        return number_format(ceil($value - 1e-6), 0, '.', '');
    }
}
