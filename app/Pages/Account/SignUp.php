<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/**
 * A new person. Whoever asks learns nothing about who has an account: the answer is the same for a new and for a known
 * address, and a letter tells the owner of a known one. Where a mail server delivers letters, the account is made when
 * its letter is opened; without one, at once.
 */
final readonly class SignUp
{
    public function __construct(private PendingSignUps $pending, private Letters $letters)
    {
    }

    public function show(): View
    {
        return view('account.sign-up');
    }

    public function store(Request $request): RedirectResponse
    {
        /** @var array{name: string, email: string, password: string} $values */
        $values = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190'],
            'password' => NewPassword::rules(),
        ]);
        // Made for a known address too: its cost would tell the two apart.
        $asked = new AskedAccount($values['name'], $values['email'], Hash::make($values['password']));
        $isConfirmed = config('auth.confirm_sign_up') === true;
        if (User::query()->where('email', $asked->email)->exists()) {
            $this->letters->later(fn () => $this->letters->known($asked->email));
        } elseif ($isConfirmed) {
            $token = $this->pending->keep($asked);
            $this->letters->later(fn () => $this->letters->confirm($asked->email, $token));
        } else {
            $asked->make();
        }

        $page = redirect()->route('sign-in', status: 303)->withInput(['email' => $asked->email]);

        return $page->with('sent', $isConfirmed
            ? __('A mail is on its way to this address. Open its link to finish signing up.')
            : __('Sign in with this address and password. If that fails, the address already had an account: choose a new password.'));
    }

    public function confirm(string $token): View
    {
        return view('account.confirm', ['asked' => $this->pending->find($token) ?? abort(404), 'token' => $token]);
    }

    public function finish(Request $request, string $token): RedirectResponse
    {
        $asked = $this->pending->take($token) ?? abort(404);
        Auth::login($asked->make());
        $request->session()->regenerate();

        return redirect()->intended(route('start.show'));
    }
}
