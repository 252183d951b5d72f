<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

/** A file that was chosen, as text. */
final readonly class ParkedFile
{
    public function __construct(public string $name, public string $text)
    {
    }
}
