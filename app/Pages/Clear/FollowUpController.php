<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\FollowUp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class FollowUpController
{
    public function tick(Request $request, FollowUp $followUp, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate(['done' => ['required', 'boolean']]);
        $now = $current->utc();
        $followUp->update(['done_at' => (bool) $values['done'] ? $now : null]);

        return Saved::at(route('clear.index').'#after', __('Done.'));
    }
}
