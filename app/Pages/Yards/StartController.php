<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\Preferences;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;

/** A new operation: its first yard, hives and supers on one page that draws them as they are chosen. */
final class StartController
{
    public function show(Request $request, Formatter $format): View
    {
        $user = $request->user();

        return view('start.show', [
            'system' => $user instanceof User && $user->preferences !== null
                ? $format->preferences->system
                : Preferences::usualIn((string) $request->header('Accept-Language')),
            'kindNames' => array_map(static fn (BoxKind $kind): string => $kind->name, BoxKinds::standard()),
        ]);
    }

    public function store(YardRequest $request, CurrentOperation $current): RedirectResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $operation = Operation::query()->create([
            'name' => $request->text('operation') ?: __('My bees'),
            'time_zone' => $request->text('time_zone') ?: 'UTC',
            'latitude' => (float) $request->text('latitude'),
            'policy' => $request->policy(),
            'crew' => 1,
        ]);
        $operation->memberships()->create(['user_id' => $user->id, 'role' => Role::Owner]);
        $system = $request->text('system');
        $user->update(['current_operation_id' => $operation->id] + ($system === '' ? [] : [
            'preferences' => ['system' => $system] + ($user->preferences ?? []),
        ]));
        $current->enter($operation, Role::Owner);
        $apiary = (new NewYard)->make($request);

        return Saved::at(
            route('assess.yard', $apiary->slug),
            __('Your first yard is set up. Choose a super and paint what you see.'),
        );
    }
}
