<?php

declare(strict_types=1);

namespace App\Compare;

/** What a hive, or a yard, gave in a season. */
final readonly class SeasonCrop
{
    /**
     * @param  int  $supers  boxes that it is drawn as
     * @param  bool  $weighed  by buckets, all of it
     * @param  list<string>  $queens
     */
    public function __construct(
        public float $kg = 0.0,
        public float $sdKg = 0.0,
        public int $supers = 0,
        public bool $weighed = true,
        public array $queens = [],
    ) {
    }

    public function with(Crop $crop): self
    {
        return new self(
            $this->kg + $crop->kg,
            hypot($this->sdKg, $crop->sdKg),
            $this->supers + $crop->supers,
            $this->weighed && $crop->weighed,
            $crop->queen === null ? $this->queens : [...$this->queens, $crop->queen],
        );
    }

    /** The same as one box, where there are too many to draw. */
    public function asOne(): self
    {
        return new self($this->kg, $this->sdKg, 1, $this->weighed);
    }

    public function lastQueen(): ?string
    {
        return $this->queens[count($this->queens) - 1] ?? null;
    }

    public function queenWords(): string
    {
        return implode(', ', array_unique($this->queens)) ?: __('queen unknown');
    }
}
