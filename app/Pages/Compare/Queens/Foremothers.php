<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Models\Queen;
use Illuminate\Validation\ValidationException;

/** A queen is not her own foremother. */
final class Foremothers
{
    /** @throws ValidationException where she would be */
    public static function mustNotHold(Queen $queen, ?string $motherId): void
    {
        $mothers = Queen::query()->pluck('mother_id', 'id')->all();
        $seen = [];
        for ($one = $motherId; is_string($one) && ! isset($seen[$one]); $one = $mothers[$one] ?? null) {
            if ($one === $queen->id) {
                throw ValidationException::withMessages([
                    'mother' => __('A queen cannot descend from herself. Choose a queen that is not one of her daughters.'),
                ]);
            }
            $seen[$one] = true;
        }
    }
}
