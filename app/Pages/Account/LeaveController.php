<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person deletes the account; operations that nobody else works in go with it. Nobody can take it back. */
final readonly class LeaveController
{
    public function __construct(private Leaving $leaving)
    {
    }

    public function show(Request $request): View
    {
        $ties = $this->leaving->ties($this->person($request));

        return view('account.leave', [
            'ties' => $ties,
            'isHeld' => array_filter($ties, static fn (Tie $tie): bool => $tie->isLastOwner) !== [],
        ]);
    }

    /** Without the key of other writes: what is sent a second time finds nobody signed in. */
    public function destroy(Request $request): RedirectResponse
    {
        $person = $this->person($request);
        $request->validate([
            'password' => ['bail', 'required', 'string', new PresentPassword($person)],
            'sure' => ['bail', 'required', 'string', Rule::in(['delete'])],
        ], ['sure.in' => __('Type the word delete.')]);
        try {
            $this->leaving->leave($person);
        } catch (LastOwner $reason) {
            throw ValidationException::withMessages(['sure' => $reason->getMessage()]);
        }
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in', [], 303)->with('sent', __('Your account is deleted.'));
    }

    private function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
