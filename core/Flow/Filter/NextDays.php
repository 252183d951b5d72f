<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** What the coming five days are expected to bring. */
final class NextDays
{
    private const DAYS = 5;

    /**
     * @param  list<float>  $alpha
     * @return array{float, float} kg: mean and standard deviation
     */
    public static function of(array $alpha, int $today, DayLikelihoods $weather): array
    {
        $none = array_fill(0, count($alpha), 0.0);
        [$share, $sum, $square] = [$alpha, $none, $none];
        for ($day = $today + 1; $day <= $today + self::DAYS; $day++) {
            [$share, $sum, $square] = [States::next($share), States::next($sum), States::next($square)];
            $flight = $weather->flight($day);
            $more = $moreSquare = [];
            foreach ($share as $state => $p) {
                $potential = States::POTENTIAL[intdiv($state, States::WEATHERS)];
                $x = $flight ?? States::FLIGHT[$state % States::WEATHERS];
                $mean = $potential * $x - States::EATEN;
                $variance = 2.0 * (0.20 ** 2 + (0.20 * $potential * max($x, 0.05)) ** 2);
                $moreSquare[] = $square[$state] + 2.0 * $mean * $sum[$state] + ($mean ** 2 + $variance) * $p;
                $more[] = $sum[$state] + $mean * $p;
            }
            [$sum, $square] = [$more, $moreSquare];
        }
        $kg = array_sum($sum);

        return [$kg, sqrt(max(0.0, array_sum($square) - $kg ** 2))];
    }
}
