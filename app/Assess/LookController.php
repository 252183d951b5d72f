<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Box;
use App\Support\Http\Saved;
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
        ]);
        $today->of($box, $values['seen_on'] ?? null)->update(['shake' => $values['shake'] ?? null]);

        return Saved::at(BoxPage::url($box, null, $values['seen_on'] ?? null), __('The shake test is noted.'));
    }
}
