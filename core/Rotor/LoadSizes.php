<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

/** How many frames go into each load. */
final class LoadSizes
{
    /**
     * Full loads, and a rest shared so that equal frames could balance: so many of n slots do if and only if they and
     * the free ones are sums of prime divisors of n.
     *
     * @return list<int>
     */
    public static function of(int $frames, int $slots): array
    {
        $sizes = array_fill(0, intdiv($frames, $slots), $slots);
        $rest = $frames % $slots;
        if ($rest === 0) {
            return $sizes;
        }
        if (! self::balances($rest, $slots) && $sizes !== []) {
            for ($less = 1; $less < $slots - $rest; $less++) {
                if (self::balances($slots - $less, $slots) && self::balances($rest + $less, $slots)) {
                    return [...array_slice($sizes, 1), $slots - $less, $rest + $less];
                }
            }
        }

        return [...$sizes, $rest];
    }

    private static function balances(int $frames, int $slots): bool
    {
        $sums = [0 => true];
        for ($k = 1; $k <= $slots; $k++) {
            for ($prime = 2; $prime <= $k && ! isset($sums[$k]); $prime++) {
                if ($slots % $prime === 0 && self::isPrime($prime) && isset($sums[$k - $prime])) {
                    $sums[$k] = true;
                }
            }
        }

        return isset($sums[$frames], $sums[$slots - $frames]);
    }

    private static function isPrime(int $number): bool
    {
        for ($d = 2; $d * $d <= $number; $d++) {
            if ($number % $d === 0) {
                return false;
            }
        }

        return true;
    }
}
