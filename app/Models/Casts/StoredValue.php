<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Marjoram\Core\Json\Fields;

/** A value that is stored as JSON in one column. */
interface StoredValue
{
    public static function from(Fields $stored): static;

    /** @return array<string, mixed> */
    public function toArray(): array;
}
