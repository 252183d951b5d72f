<?php

declare(strict_types=1);

namespace App\Frames;

use DateTimeImmutable;

/** How frames are taken, as the keeper says. */
final readonly class Taking
{
    /**
     * @param  'shaken'|'brushed'|'aside'  $bees  how they leave the frames
     * @param  bool  $gather  what stays is gathered
     */
    public function __construct(
        public DateTimeImmutable $on,
        public string $bees,
        public bool $gather,
        public Gaps $gaps,
    ) {
    }
}
