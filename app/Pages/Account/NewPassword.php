<?php

declare(strict_types=1);

namespace App\Pages\Account;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Password;

/** The rules of a new password; as a rule itself, that all of it counts. */
final class NewPassword implements ValidationRule
{
    /** bcrypt ignores what follows: a longer password would be checked by its beginning alone. */
    private const MOST_BYTES = 72;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['bail', 'required', 'string', 'confirmed', Password::default(), new self, new Guessable];
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $bytes = is_string($value) ? strlen($value) : 0;
        if ($bytes > self::MOST_BYTES) {
            $fail(__('A password has at most :most bytes. Yours has :given; letters with accents count as two or more.', [
                'most' => self::MOST_BYTES,
                'given' => $bytes,
            ]));
        }
    }
}
