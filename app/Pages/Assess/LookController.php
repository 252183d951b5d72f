<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Foundation\Http\Saved;
use App\Foundation\Writes\Conflict;
use App\Foundation\Writes\LastChange;
use App\Models\Box;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class LookController
{
    public function shake(Request $request, Box $box, LookOfDay $today): RedirectResponse
    {
        $values = $request->validate([
            'shake' => ['nullable', Rule::in(['passed', 'failed'])],
            'seen_on' => ['nullable', 'date_format:Y-m-d'],
            'was' => ['nullable', Rule::in(['passed', 'failed'])],
        ]);
        $look = $today->of($box, $values['seen_on'] ?? null);
        $shake = $values['shake'] ?? null;
        // The request says what the client last saw: another person may have recorded a shake test meanwhile.
        $isAsSeen = ! array_key_exists('was', $values) || $look->shake === $values['was'] || $look->shake === $shake;
        if (! $isAsSeen) {
            $theirs = ['shake' => $look->shake] + LastChange::of($look);
            throw Conflict::changedMeanwhile(__('The shake test'), $theirs);
        }
        $look->update(['shake' => $shake]);

        return Saved::at(BoxPage::url($box, null, $values['seen_on'] ?? null), __('The shake test is saved.'));
    }
}
