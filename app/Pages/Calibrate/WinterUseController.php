<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Takes what last winter's weighings said of the use of stores into the policy, or out of it. */
final class WinterUseController
{
    public function update(Request $request, CurrentOperation $current, PastWinter $past): RedirectResponse
    {
        $values = $request->validate(['take' => ['required', 'boolean']]);
        $operation = $current->get();
        $winter = $past->read();
        if ((bool) $values['take'] && $winter->hives === []) {
            throw ValidationException::withMessages(['take' => __('No hive was weighed twice last winter.')]);
        }
        $policy =
            ['winter_factor' => (bool) $values['take'] ? round($winter->learnt->factor, 3) : 1.0] +
            $operation->policy;
        $operation->adopt($policy);

        return Saved::at(
            route('calibrate.show').'#winter',
            __('The policy is saved.'),
        );
    }
}
