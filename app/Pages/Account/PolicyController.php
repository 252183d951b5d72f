<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\PolicyRules;
use App\Apiary\Operation\PolicyValues;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Operation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The schools of the operation; each change makes a new version, which verdicts name from then on. */
final class PolicyController
{
    /** What own weighings said, and what a form left out, stays until it is changed where it was taken in. */
    private const KEPT = [
        'fill_factors',
        'winter_factor',
        'winter_school',
        'winter_boxes',
        'sugar_to_stores',
        'off_after_flow_days',
        'frame_marks',
    ];

    public function show(CurrentOperation $current): View
    {
        $operation = $current->get();
        $values = array_replace(PolicyValues::DEFAULTS, $operation->policy);

        return view('account.policy', [
            'values' => PolicyValues::shown($values),
            'version' => $operation->policy_version,
            'exceptions' => $this->exceptions($operation),
        ]);
    }

    public function update(Request $request, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate(PolicyRules::whole());
        $operation = $current->get();
        $kept = array_intersect_key($operation->policy, array_flip(self::KEPT));
        $operation->adopt(PolicyValues::stored($values) + $kept);

        return Saved::at(
            route('account.policy'),
            __('The policy is saved as version :n.', ['n' => $operation->policy_version]),
        );
    }

    /** @return list<YardException> yards and harvests where it is otherwise */
    private function exceptions(Operation $operation): array
    {
        $exceptions = [];
        foreach (Apiary::query()->with('harvestPolicies')->orderBy('position')->get() as $apiary) {
            if ($apiary->heather || $apiary->policy || $apiary->harvestPolicies->isNotEmpty()) {
                $words = [Policy::of($operation, $apiary)->words()];
                foreach ($apiary->harvestPolicies as $harvest) {
                    $words[] = Policy::of($operation, $apiary, $harvest)->words();
                }
                $exceptions[] = new YardException($apiary->slug, $apiary->name, implode(' ', $words));
            }
        }

        return $exceptions;
    }
}
