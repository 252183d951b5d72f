<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Http\Saved;
use App\Models\Invitation;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The page of the invited: by whom, into what, as what; they become a member when they say so. */
final class InvitationController
{
    public function show(Request $request, string $secret): View
    {
        return view('account.invitation', [
            'invitation' => self::open($secret)->with(['operation', 'inviter'])->firstOrFail(),
            'secret' => $secret,
            'person' => $request->user(),
        ]);
    }

    public function accept(Request $request, string $secret): RedirectResponse
    {
        // Held until the membership is made: of two who accept it at once the second finds it gone.
        $invitation = self::open($secret)->lockForUpdate()->firstOrFail();
        $person = $request->user();
        assert($person instanceof User);
        // Who is a member already keeps the role they have: an owner changes it.
        Membership::query()->firstOrCreate(
            ['operation_id' => $invitation->operation_id, 'user_id' => $person->id],
            ['role' => $invitation->role],
        );
        $person->update(['current_operation_id' => $invitation->operation_id]);
        $invitation->delete();

        return Saved::at(route('desk'), __('You are working in :operation now.', ['operation' => $invitation->operation->name]));
    }

    /** @return Builder<Invitation> */
    private static function open(string $secret): Builder
    {
        return Invitation::open()->where('secret', Invitation::hash($secret));
    }
}
