<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

/** A person's decision that overrides a verdict or a calculation, with its note. */
final readonly class Decided
{
    /** @param  bool  $forWinter  about what stays for winter, not about what is ripe */
    public function __construct(
        public string $id,
        public bool $comesOff,
        public ?string $note,
        public bool $forWinter = false,
    ) {
    }
}
