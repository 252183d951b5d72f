<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use RuntimeException;

/** Two people changed the same record: the page shows both values, and neither is lost. */
final class Conflict extends RuntimeException
{
    /** @param  array<string, mixed>  $theirs what is stored now */
    private function __construct(string $message, public readonly array $theirs)
    {
        parent::__construct($message);
    }

    public static function removedMeanwhile(string $what): self
    {
        return new self(__('Someone else removed :what since you opened it.', ['what' => $what]), []);
    }

    /** @param  array<string, mixed>  $theirs */
    public static function changedMeanwhile(string $what, array $theirs): self
    {
        return new self(
            __(
                'Someone else changed :what since you opened it. The page shows the saved values; the form shows yours.',
                ['what' => $what],
            ),
            $theirs,
        );
    }
}
