<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;

/**
 * The day from which a flow that is over brought nothing more: by the scale, the day after the last three-day mean of
 * at least a slow flow; without a scale, the first of the signs that speak for the end with none against it since
 * (common practice).
 */
final readonly class FlowEnd
{
    /**
     * @param  list<Evidence>  $evidence
     * @param  float  $sure  0..1: how likely it must be that the flow is over
     * @return ?DateTimeImmutable null where the flow is not known to be over
     */
    public static function of(FlowResult $flow, array $evidence, float $sure = 0.8): ?DateTimeImmutable
    {
        return $flow->pOver < $sure ? null : self::byScale($flow->gainKgByDate) ?? self::bySigns($evidence);
    }

    /** @param  array<array-key, ?float>  $gains  by local date */
    private static function byScale(array $gains): ?DateTimeImmutable
    {
        $known = array_filter($gains, static fn (?float $gain): bool => $gain !== null);
        if (count($known) < 3) {
            return null;
        }
        $dates = array_keys($known);
        $values = array_values($known);
        for ($i = count($values) - 1; $i >= 2; $i--) {
            if (self::brings(($values[$i - 2] + $values[$i - 1] + $values[$i]) / 3.0)) {
                // Only the first day of the mean may have brought something: the last day that did ends the flow.
                $last = $i;
                while ($last > $i - 2 && ! self::brings($values[$last])) {
                    $last--;
                }

                return (new DateTimeImmutable((string) $dates[$last]))->modify('+1 day');
            }
        }

        return new DateTimeImmutable((string) $dates[0]);
    }

    /** A slow flow at least. */
    private static function brings(float $kgPerDay): bool
    {
        return in_array(Phase::of($kgPerDay), [Phase::Strong, Phase::Slow], true);
    }

    /** @param  list<Evidence>  $evidence */
    private static function bySigns(array $evidence): ?DateTimeImmutable
    {
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $b->at <=> $a->at);
        $first = null;
        foreach ($evidence as $sign) {
            if ($sign->likelihoodRatio < 1.0) {
                break;
            }
            $first = $sign->at;
        }

        return $first === null ? null : new DateTimeImmutable($first->format('Y-m-d'));
    }
}
