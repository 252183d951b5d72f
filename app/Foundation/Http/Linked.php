<?php

declare(strict_types=1);

namespace App\Foundation\Http;

/** A sentence, and the page that it leads to. */
final readonly class Linked
{
    public function __construct(public string $words, public string $href)
    {
    }
}
