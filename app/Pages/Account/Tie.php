<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Operation;

/** What becomes of an operation when a member deletes the account. */
final readonly class Tie
{
    public function __construct(
        public Operation $operation,
        /** Nobody else works in it: it goes too. */
        public bool $isAlone,
        /** Others work in it, none of them an owner: it holds the person back. */
        public bool $isLastOwner,
        public int $hives,
    ) {
    }

    public function words(): string
    {
        return match (true) {
            $this->isAlone => __('you are its only member. The operation is deleted with all its records and :count hives.', [
                'count' => $this->hives,
            ]),
            $this->isLastOwner => __('you are its only owner. Make another member an owner first, or remove the others.'),
            default => __('you leave it. Your records stay with the other members.'),
        };
    }
}
