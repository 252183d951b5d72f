<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;

/** A new person; their operation is made on the next page, by drawing its first yard. */
final class SignUp
{
    public function show(): View
    {
        return view('account.sign-up');
    }

    public function store(Request $request): RedirectResponse
    {
        /** @var array{name: string, email: string, password: string} $values */
        $values = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190', 'unique:users,email'],
            'password' => ['required', 'confirmed', Password::default(), new Guessable],
        ]);
        Auth::login(
            User::query()->create([
                'name' => $values['name'],
                'email' => $values['email'],
                'password' => $values['password'],
            ]),
        );
        $request->session()->regenerate();

        return redirect()->route('start.show');
    }
}
