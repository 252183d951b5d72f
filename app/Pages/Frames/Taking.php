<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Models\HoneyUse;
use DateTimeImmutable;

/** How frames are taken, as the keeper says. */
final readonly class Taking
{
    /**
     * @param  'shaken'|'brushed'|'aside'  $bees  how they leave the frames
     * @param  bool  $gather  what stays is gathered
     * @param  ?string  $colour  of the marks that the frames get, numbered on
     * @param  ?int  $number  the first that was written; null: the next of the harvest
     */
    public function __construct(
        public DateTimeImmutable $on,
        public string $bees,
        public bool $gather,
        public Gaps $gaps,
        public ?string $colour = null,
        public HoneyUse $use = HoneyUse::Extract,
        public ?int $number = null,
    ) {
    }

    /** What is not taken stays where it is. */
    public function leavesOthers(): bool
    {
        return ! $this->gather && $this->gaps === Gaps::Left;
    }
}
