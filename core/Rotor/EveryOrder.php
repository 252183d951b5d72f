<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

/** Tries every order of a few frames; the first stands in the first slot, as a wheel may be turned. */
final class EveryOrder
{
    private float $least = INF;

    /** @var array<int, int> items by slot */
    private array $best = [];

    /** @var array<int, int> */
    private array $now = [];

    /**
     * @param  list<float>  $masses  the frames', then those of the counterweights
     * @param  int  $frames  that must stand in the wheel
     */
    public function __construct(
        private readonly Wheel $wheel,
        private readonly array $masses,
        private readonly int $frames,
    ) {
    }

    /** @return array<int, int> items by slot */
    public function best(): array
    {
        if ($this->frames > 0) {
            $this->put(0, 0, 0.0, 0.0);
        }

        return $this->best;
    }

    private function put(int $item, int $slot, float $x, float $y): void
    {
        $this->now[$slot] = $item;
        $mass = $this->masses[$item];
        $this->next($item + 1, $x + $mass * $this->wheel->x[$slot], $y + $mass * $this->wheel->y[$slot]);
        unset($this->now[$slot]);
    }

    private function next(int $item, float $x, float $y): void
    {
        if ($item >= $this->frames && hypot($x, $y) < $this->least - 1e-9) {
            $this->least = hypot($x, $y);
            $this->best = $this->now;
        }
        if ($item >= count($this->masses)) {
            return;
        }
        for ($slot = 0; $slot < $this->wheel->slots; $slot++) {
            if (! isset($this->now[$slot])) {
                $this->put($item, $slot, $x, $y);
            }
        }
        if ($item >= $this->frames) {
            $this->next($item + 1, $x, $y);
        }
    }
}
