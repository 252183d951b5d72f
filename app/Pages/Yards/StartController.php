<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;

/** A new operation: its first yard, hives and supers on one page that draws them as they are chosen. */
final class StartController
{
    public function show(): View
    {
        return view('start.show', [
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
        $user->update(['current_operation_id' => $operation->id]);
        $current->enter($operation, Role::Owner);
        $apiary = (new NewYard)->make($request);

        return Saved::at(
            route('assess.yard', $apiary->slug),
            __('Your first yard is set up. Choose a super and paint what you see.'),
        );
    }
}
