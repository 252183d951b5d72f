<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

/** What a person decided over a verdict or a calculation, with the note that stays. */
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
