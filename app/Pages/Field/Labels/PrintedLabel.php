<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

/** A label with the address of its picture, for paper. */
final readonly class PrintedLabel
{
    public function __construct(public Label $label, public string $picture)
    {
    }
}
