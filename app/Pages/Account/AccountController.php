<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Preferences;
use App\Models\Invitation;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

final class AccountController
{
    public function show(Request $request, CurrentOperation $current): View
    {
        return view('account.show', [
            'person' => $this->person($request),
            'tokens' => $this->person($request)->tokens()->orderBy('id')->get(),
            'mine' => Membership::query()->where('user_id', $this->person($request)->id)->with('operation')->get(),
            'invitations' => Invitation::open()->where('operation_id', $current->id())->orderBy('id')->get(),
            'members' => Membership::query()->where('operation_id', $current->id())->with('user')->get(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'system' => ['required', Rule::in(Preferences::SYSTEMS)],
            'theme' => ['required', Rule::in(Preferences::THEMES)],
            'paper' => ['required', Rule::in(['A4', 'letter'])],
        ]);
        $this->person($request)->update([
            'name' => $values['name'],
            'preferences' => ['system' => $values['system'], 'theme' => $values['theme'], 'paper' => $values['paper']],
        ]);

        return Saved::at(route('account.show'), __('Your units and colours are saved.'));
    }

    public function password(Request $request): RedirectResponse
    {
        $person = $this->person($request);
        /** @var array{password: string} $values */
        $values = $request->validate([
            'current_password' => ['bail', 'required', 'string', new PresentPassword($person)],
            'password' => NewPassword::rules(),
            'end_tokens' => ['sometimes', 'boolean'],
        ]);
        $person->update(['password' => $values['password']]);
        Auth::logoutOtherDevices($values['password']);
        $ended = $request->boolean('end_tokens') ? (int) $person->tokens()->delete() : 0;

        $saved = __('Your password is changed; other devices are signed out.');
        $tokens = trans_choice('{0}|{1} :count token no longer works.|[2,*] :count tokens no longer work.', $ended);

        return Saved::at(route('account.show'), trim("$saved $tokens"));
    }

    /** Only an operation one is a member of is found. */
    public function switch(Request $request): RedirectResponse
    {
        $membership = Membership::query()
            ->where('user_id', $this->person($request)->id)
            ->where('operation_id', $request->validate(['operation' => ['required', 'string', 'max:26']])['operation'])
            ->firstOrFail();
        $this->person($request)->update(['current_operation_id' => $membership->operation_id]);

        return redirect()->route('desk', [], 303);
    }

    private function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
