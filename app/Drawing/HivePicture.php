<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * One hive of an elevation: a drawing of its own on the common ground line, so that the line breaks where a page ends.
 */
final readonly class HivePicture
{
    /** @param  list<Shape>  $shapes */
    public function __construct(
        public string $code,
        public float $width,
        public float $height,
        public float $ground,
        public array $shapes,
    ) {
    }
}
