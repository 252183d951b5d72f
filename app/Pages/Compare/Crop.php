<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use Marjoram\Core\Comb\Kilograms;

/**
 * What a hive, with one queen, gave in a season, in whole supers and single frames; estimated until its buckets are
 * weighed; nothing, where the others of its yard were harvested, it was not, and the season is closed.
 */
final readonly class Crop
{
    /**
     * @param  ?string  $queen  her code
     * @param  bool  $swarmed  in that season
     * @param  bool  $split  a split was taken from it, or it began as one, in that season
     * @param  bool  $first  the colony's first season
     * @param  bool  $noted  from earlier notes
     * @param  bool  $final  its season is closed: no more of it will come
     */
    public function __construct(
        public string $slug,
        public string $yard,
        public string $hive,
        public int $season,
        public ?string $queen,
        public ?string $line,
        public Kilograms $honey,
        public int $supers,
        public int $frames,
        public bool $weighed,
        public bool $swarmed = false,
        public bool $split = false,
        public bool $first = false,
        public bool $noted = false,
        public bool $final = true,
    ) {
    }

    /** With what happened to the hive in that season. */
    public function with(bool $swarmed, bool $split, bool $first): self
    {
        return new self(
            $this->slug,
            $this->yard,
            $this->hive,
            $this->season,
            $this->queen,
            $this->line,
            $this->honey,
            $this->supers,
            $this->frames,
            $this->weighed,
            $swarmed,
            $split,
            $first,
            $this->noted,
            $this->final,
        );
    }

    /** What happened to the hive in that season, in words; empty where nothing did. */
    public function happened(): string
    {
        return implode(', ', array_filter([
            $this->swarmed ? __('swarmed') : '',
            $this->split ? __('split') : '',
            $this->first ? __('first season') : '',
        ]));
    }

    /** How its kg were obtained, in a word. */
    public function how(): string
    {
        return match (true) {
            $this->noted => __('entered'),
            $this->supers === 0 && $this->frames === 0 => __('nothing taken'),
            ! $this->final => $this->weighed ? __('weighed so far') : __('estimated so far'),
            $this->weighed => __('weighed and allotted'),
            default => __('estimated'),
        };
    }
}
