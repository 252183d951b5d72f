<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A forgotten password: a letter with an address that lets one choose another, for an hour and once. */
final readonly class ForgottenController
{
    public function __construct(private Letters $letters)
    {
    }

    public function ask(): View
    {
        return view('account.forgotten');
    }

    /** Says the same whether the address is known or not. */
    public function send(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'email', 'max:190']]);
        $this->letters->later(fn () => Password::sendResetLink($given, $this->write(...)));

        return redirect()->route('forgotten.ask', status: 303)->with(
            'sent',
            __('If this address has an account, a mail is on its way. Its link works for one hour.'),
        );
    }

    public function choose(Request $request, string $token): View
    {
        $email = $request->query('email');

        return view('account.choose-password', ['token' => $token, 'email' => is_string($email) ? $email : '']);
    }

    public function change(Request $request, string $token): RedirectResponse
    {
        $values = $request->validate([
            'email' => ['required', 'email', 'max:190'],
            'password' => NewPassword::rules(),
            'end_tokens' => ['sometimes', 'boolean'],
        ]);
        $endsTokens = $request->boolean('end_tokens');
        $change = static function (User $user, string $password) use ($endsTokens): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            if ($endsTokens) {
                $user->tokens()->delete();
            }
        };
        $status = Password::reset(['token' => $token] + Arr::except($values, 'end_tokens'), $change);
        if ($status !== Password::PasswordReset) {
            throw ValidationException::withMessages([
                'email' => __('This link is too old, was used, or belongs to another address. Ask for a new one.'),
            ]);
        }

        return redirect()->route('sign-in', status: 303)->with('sent', __('Your password is changed. Sign in with it.'));
    }

    private function write(User $user, string $token): void
    {
        $this->letters->forgotten($user->email, $token);
    }
}
