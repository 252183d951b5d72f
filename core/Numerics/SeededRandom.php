<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

use Random\Engine\Xoshiro256StarStar;

/**
 * The only source of chance in the core: the same seed gives the same numbers for ever.
 * Xoshiro256** (Blackman and Vigna, 2018); normals by the polar method (Marsaglia and Bray, 1964).
 */
final class SeededRandom
{
    private readonly Xoshiro256StarStar $engine;

    private ?float $kept = null;

    public function __construct(int $seed)
    {
        $this->engine = new Xoshiro256StarStar($seed);
    }

    /** Uniform on [0, 1). */
    public function uniform(): float
    {
        /** @var array{1: int} $word */
        $word = unpack('P', $this->engine->generate());

        return (($word[1] >> 11) & 0x1FFFFFFFFFFFFF) / 9007199254740992.0;
    }

    public function between(float $lo, float $hi): float
    {
        return $lo + ($hi - $lo) * $this->uniform();
    }

    /** A whole number from $lo to $hi, both included. */
    public function integer(int $lo, int $hi): int
    {
        return $lo + (int) floor($this->uniform() * ($hi - $lo + 1));
    }

    public function chance(float $p): bool
    {
        return $this->uniform() < $p;
    }

    public function normal(float $mean = 0.0, float $sd = 1.0): float
    {
        if ($this->kept !== null) {
            $z = $this->kept;
            $this->kept = null;

            return $mean + $sd * $z;
        }
        do {
            $u = 2.0 * $this->uniform() - 1.0;
            $v = 2.0 * $this->uniform() - 1.0;
            $q = $u * $u + $v * $v;
        } while ($q >= 1.0 || $q === 0.0);
        $scale = sqrt((-2.0 * log($q)) / $q);
        $this->kept = $v * $scale;

        return $mean + $sd * $u * $scale;
    }
}
