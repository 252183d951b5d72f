<?php

declare(strict_types=1);

namespace App\Foundation\Server;

use Closure;
use Marjoram\Core\Numerics\Budget;

/** A search may run for so many milliseconds, or until a person stops it. */
final class WallClock implements Budget
{
    private readonly float $until;

    /** @param  ?Closure(int): bool  $stopped  asked at most every quarter second, with the iterations so far */
    public function __construct(int $milliseconds, private readonly ?Closure $stopped = null)
    {
        $this->until = hrtime(true) + $milliseconds * 1e6;
    }

    private float $asked = 0.0;

    private bool $told = false;

    public function isSpent(int $iterations): bool
    {
        $now = (float) hrtime(true);
        if ($this->stopped !== null && ! $this->told && $now - $this->asked > 2.5e8) {
            $this->asked = $now;
            $this->told = ($this->stopped)($iterations);
        }

        return $this->told || $now >= $this->until;
    }
}
