<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** The forward and the backward pass of the filter over the days. */
final readonly class Passes
{
    private const TINY = 1e-300;

    /**
     * @param  list<list<float>>  $alpha  what is known of each day up to it
     * @param  list<list<float>>  $predicted  what was expected of each day before it came
     */
    private function __construct(public array $alpha, private array $predicted)
    {
    }

    /** What the days show, from the first of them on. */
    public static function forward(FilterInput $seen, DayLikelihoods $likely): self
    {
        $alpha = $predicted = [];
        $p = States::start($seen->notBegun());
        foreach (array_values($likely->f) as $day => $likelihood) {
            $p = $day === 0 ? $p : States::next($p);
            $predicted[] = $p;
            $p = array_map(static fn (float $one, float $by): float => $one * $by, $p, $likelihood);
            $sum = max(self::TINY, array_sum($p));
            $alpha[] = $p = array_map(static fn (float $one): float => $one / $sum, $p);
        }

        return new self($alpha, $predicted);
    }

    /** @return list<float> what is known of the last day */
    public function last(): array
    {
        return $this->alpha[count($this->alpha) - 1];
    }

    /**
     * Returns the states of each day, given all data so far.
     *
     * @param  list<int>|null  $within  only ways that stay in these levels from that day on
     * @return list<list<float>>
     */
    public function smoothed(?array $within = null): array
    {
        $n = count($this->alpha) - 1;
        $gamma = [$n => self::only($this->alpha[$n], $within)];
        for ($t = $n - 1; $t >= 0; $t--) {
            $q = array_map(
                static fn (float $one, float $by): float => $one / max($by, self::TINY),
                $gamma[$t + 1],
                $this->predicted[$t + 1],
            );
            $gamma[$t] = self::only(array_map(
                static fn (float $one, float $by): float => $one * $by,
                $this->alpha[$t],
                States::back($q),
            ), $within);
        }
        ksort($gamma);

        return array_values($gamma);
    }

    /**
     * @param  list<float>  $p
     * @param  list<int>|null  $within
     * @return list<float>
     */
    private static function only(array $p, ?array $within): array
    {
        if ($within === null) {
            return $p;
        }
        foreach ($p as $state => $share) {
            $p[$state] = in_array(intdiv($state, States::WEATHERS), $within, true) ? $share : 0.0;
        }

        return $p;
    }
}
