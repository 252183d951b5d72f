<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use Marjoram\Core\Comb\Kilograms;

/** What a hive, or a yard, gave in a season. */
final readonly class SeasonCrop
{
    private const FRAMES_A_BOX = 10;

    /**
     * @param  int  $supers  whole ones
     * @param  int  $frames  single ones
     * @param  bool  $weighed  by buckets, all of it
     * @param  list<string>  $queens
     */
    public function __construct(
        public Kilograms $honey = new Kilograms(0.0),
        public int $supers = 0,
        public int $frames = 0,
        public bool $weighed = true,
        public array $queens = [],
    ) {
    }

    public function with(Crop $crop): self
    {
        return new self(
            Kilograms::sum([$this->honey, $crop->honey]),
            $this->supers + $crop->supers,
            $this->frames + $crop->frames,
            $this->weighed && $crop->weighed,
            $crop->queen === null ? $this->queens : [...$this->queens, $crop->queen],
        );
    }

    /** Boxes that it is drawn as; ten frames are as good as a super. */
    public function boxes(): int
    {
        return max(1, $this->supers + (int) ceil($this->frames / self::FRAMES_A_BOX));
    }

    /** The same as one box, where there are too many to draw. */
    public function asOne(): self
    {
        return new self($this->honey, 1, 0, $this->weighed);
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
