<?php

declare(strict_types=1);

namespace App\Pages\Account;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    public function show(): View
    {
        return view('account.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $credentials = $request->validate([
            'email' => ['required', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
        ]);
        if (! Auth::attempt($credentials, $request->boolean('remember'))) {
            throw ValidationException::withMessages([
                'email' => __('This address and password do not match.'),
            ]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('desk'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // What a phone holds of an operation's data goes with whoever leaves.
        return redirect()->route('sign-in')->withHeaders(['Clear-Site-Data' => '"storage"']);
    }
}
