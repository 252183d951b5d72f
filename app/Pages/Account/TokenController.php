<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Http\Saved;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person's tokens for programs: shown once, when they are made, and taken back at any time. */
final class TokenController
{
    private const MOST = 20;

    /** What a token may do, by the value of the form. */
    private const ABILITIES = ['read' => ['read'], 'full' => ['read', 'write']];

    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'token_name' => ['required', 'string', 'max:60'],
            'may' => ['required', Rule::in(array_keys(self::ABILITIES))],
        ]);
        $person = self::person($request);
        if ($person->tokens()->count() >= self::MOST) {
            throw ValidationException::withMessages([
                'token_name' => __('You have :n tokens already. Remove one first.', ['n' => self::MOST]),
            ]);
        }
        $token = $person->createToken($values['token_name'], self::ABILITIES[$values['may']]);

        return Saved::at(
            route('account.show').'#tokens',
            __('The token is created. Copy it now: it is shown only once.'),
        )->with('token', $token->plainTextToken);
    }

    public function destroy(Request $request, string $token): RedirectResponse
    {
        $found = self::person($request)->tokens()->whereKey($token)->firstOrFail();
        $found->delete();

        return Saved::at(route('account.show').'#tokens', __('The token is removed.'));
    }

    private static function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
