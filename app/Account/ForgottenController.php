<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;

/** A forgotten password: a letter with an address that lets one choose another, for an hour and once. */
final class ForgottenController
{
    public function ask(): View
    {
        return view('account.forgotten');
    }

    /** Says the same whether the address is known or not. */
    public function send(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'email', 'max:190']]);
        Password::sendResetLink($given, $this->write(...));

        return redirect()->route('forgotten.ask', status: 303)->with(
            'sent',
            __('If somebody has signed up with this address, a letter is on its way. It holds for an hour.'),
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
            'password' => ['required', 'confirmed', PasswordRule::default(), new Guessable],
        ]);
        $status = Password::reset($values + ['token' => $token], static function (User $user, string $password): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
        });
        if ($status !== Password::PasswordReset) {
            throw ValidationException::withMessages([
                'email' => __('This letter is too old, was used, or belongs to another address. Ask for a new one.'),
            ]);
        }

        return redirect()->route('sign-in', status: 303)->with('sent', __('Your password is changed. Sign in with it.'));
    }

    private function write(User $user, string $token): void
    {
        $address = route('forgotten.choose', ['token' => $token, 'email' => $user->email]);
        Mail::send(
            ['text' => 'mail.forgotten'],
            ['address' => $address],
            static fn (Message $letter) => $letter->to($user->email)->subject(__('Another password for Marjoram')),
        );
    }
}
