<?php

declare(strict_types=1);

namespace App\Drawing;

/** A drawing that is done, with the words for those who do not see it. */
final readonly class Picture
{
    /**
     * @param  list<Shape>  $shapes
     * @param  string  $class  of the drawing as a whole
     * @param  bool  $hasLinks  it is a group of links, not one image
     * @param  array<string, string|int|float>  $more  attributes
     * @param  ?string  $box  the part of the plane that is shown, where it does not begin at 0 0
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $shapes,
        public string $label,
        public string $class = 'chart',
        public bool $hasLinks = false,
        public array $more = [],
        private ?string $box = null,
    ) {
    }

    /** px, at which its smallest words, of 12 units, are 11 px high. */
    public function readableWidth(): int
    {
        return (int) ceil($this->width * 11.1 / 12.0);
    }

    public function viewBox(): string
    {
        return $this->box ?? '0 0 '.round($this->width, 1).' '.round($this->height, 1);
    }
}
