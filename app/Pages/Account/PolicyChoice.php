<?php

declare(strict_types=1);

namespace App\Pages\Account;

/** One of the answers to a question of the policy, and what it would mean here. */
final readonly class PolicyChoice
{
    /**
     * @param  string  $sentence  as a beekeeper would say it
     * @param  string  $means  in figures; empty until they are asked for
     */
    public function __construct(
        public string $value,
        public string $sentence,
        public bool $isPresent,
        public string $means,
    ) {
    }
}
