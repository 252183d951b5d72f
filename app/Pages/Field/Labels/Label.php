<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

/** One label: what the code leads to, and what a person reads. */
final readonly class Label
{
    /**
     * @param  string  $text  what the code says
     * @param  string  $code  large, as it may be typed
     * @param  string  $beside  small: where it belongs
     */
    public function __construct(public string $text, public string $code, public string $beside)
    {
    }
}
