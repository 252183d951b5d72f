<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** The password of the person who is signed in. After five wrong ones no other is looked at for a minute. */
final readonly class PresentPassword implements ValidationRule
{
    private const MOST_WRONG = 5;

    public function __construct(private User $person)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $key = "present-password|{$this->person->id}";
        if (RateLimiter::tooManyAttempts($key, self::MOST_WRONG)) {
            $fail(__('Too many wrong passwords. Wait :n seconds, then try again.', [
                'n' => RateLimiter::availableIn($key),
            ]));
        } elseif (! is_string($value) || ! Hash::check($value, $this->person->password)) {
            RateLimiter::hit($key);
            $fail(__('This is not your current password.'));
        } else {
            RateLimiter::clear($key);
        }
    }
}
