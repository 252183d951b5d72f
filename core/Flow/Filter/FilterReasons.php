<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use Marjoram\Core\Flow\Sign;
use Marjoram\Core\Statement;

/** Reasons of the answer, each measured by the answer without it; and the sign that would tell most. */
final readonly class FilterReasons
{
    private const RECENT_DAYS = 5;

    private const LEAST = 0.1;

    private const MOST = 4;

    private const STALE_DAYS = 3;

    private float $now;

    /** @param  list<float>  $alpha  of today */
    public function __construct(private FilterInput $seen, private array $alpha, private float $unnotedADay)
    {
        $this->now = States::words($alpha)->logOdds();
    }

    /** @return list<Statement> */
    public function all(): array
    {
        $recent = fn (Interval $one): bool => $one->last() >= $this->seen->today - self::RECENT_DAYS;
        $found = [
            $this->by(FilterReason::ScaleLastDays, $this->seen->without(
                static fn (Interval $one): bool => ! $recent($one),
            )),
            $this->by(FilterReason::ScaleBefore, $this->seen->without($recent)),
            $this->by(FilterReason::Weather, $this->seen->without(weather: true)),
        ];
        foreach ($this->signs() as $sign) {
            $found[] = $this->by(FilterReason::Sign, $this->seen->without(
                note: static fn (SignNote $one): bool => $one->sign !== $sign,
            ), $sign);
        }
        $found = array_filter($found, static fn (array $one): bool => abs($one[1]) >= self::LEAST);
        usort($found, static fn (array $a, array $b): int => abs($b[1]) <=> abs($a[1]));

        return [
            ...array_map(self::statement(...), array_slice($found, 0, self::MOST)),
            self::statement($this->look()),
        ];
    }

    /** @return array{FilterReason, float, ?Sign} */
    private function by(FilterReason $reason, FilterInput $without, ?Sign $sign = null): array
    {
        $passes = Passes::forward($without, $without->likelihoods($this->unnotedADay));

        return [$reason, $this->now - States::words($passes->last())->logOdds(), $sign];
    }

    /** @return list<Sign> that were noted */
    private function signs(): array
    {
        $signs = [];
        foreach ($this->seen->notes as $note) {
            $signs[$note->sign->value] = $note->sign;
        }

        return array_values($signs);
    }

    /**
     * The sign that would move the answer most on average; the scale, where it has said nothing for days.
     *
     * @return array{FilterReason, float, ?Sign}
     */
    private function look(): array
    {
        $best = [FilterReason::LookSign, -1.0, null];
        foreach (Sign::cases() as $sign) {
            $tells = 0.0;
            foreach (SignNote::chances($sign) as $result => $chances) {
                $note = new SignNote($sign, (string) $result, $this->seen->today);
                $p = 0.0;
                $after = [];
                foreach ($this->alpha as $state => $share) {
                    $level = intdiv($state, States::WEATHERS);
                    $p += $share * $chances[SignNote::word($level)];
                    $after[] = $share * $note->weightOf($level);
                }
                $sum = max(1e-300, array_sum($after));
                $after = array_map(static fn (float $one): float => $one / $sum, $after);
                $tells += $p * abs(States::words($after)->logOdds() - $this->now);
            }
            if ($tells > $best[1]) {
                $best = [FilterReason::LookSign, $tells, $sign];
            }
        }

        return $this->seen->lastWeighed() < $this->seen->today - self::STALE_DAYS
            ? [FilterReason::LookScale, $best[1], null]
            : $best;
    }

    /** @param  array{FilterReason, float, ?Sign}  $one */
    private static function statement(array $one): Statement
    {
        [$reason, $logOdds, $sign] = $one;

        return new Statement($reason, ['log_odds' => $logOdds] + ($sign === null ? [] : ['sign' => $sign]));
    }
}
