<?php

declare(strict_types=1);

namespace Marjoram\Core\Hives;

use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Ripeness\RipenessResult;

/** How ripe a box is, what it holds, and what to do with it. */
final readonly class JudgedBox
{
    /**
     * @param  Kilograms  $honey  seen, and presumed of the frames not looked at
     * @param  float  $seenKg  of the frames looked at
     * @param  float  $grossKg  with its box, wood and wax
     */
    public function __construct(
        public string $id,
        public RipenessResult $ripeness,
        public Kilograms $honey,
        public float $seenKg,
        public float $grossKg,
    ) {
    }
}
