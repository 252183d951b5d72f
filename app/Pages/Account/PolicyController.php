<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\PolicyOption;
use App\Apiary\Operation\PolicyValues;
use App\Foundation\Http\Linked;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Operation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The schools of the operation; each change makes a new version, which verdicts name from then on. */
final class PolicyController
{
    public function show(Request $request, CurrentOperation $current, PolicyChoices $choices): View
    {
        $operation = $current->get();
        $withMeaning = $request->boolean('means');

        return view('account.policy', [
            'values' => PolicyValues::shownWhole($operation->policy, $operation->latitude < 0.0),
            'version' => $operation->policy_version,
            'ripeness' => $choices->ofRipeness($withMeaning),
            'winter' => $choices->ofWinter($withMeaning),
            'withMeaning' => $withMeaning,
            'filled' => PolicyChoices::places(),
            'exceptions' => $this->exceptions($operation),
        ]);
    }

    public function update(Request $request, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate(PolicyOption::ofOperation());
        $operation = $current->get();
        // What own weighings said, and what the form left out, stays.
        $operation->adopt(PolicyValues::stored($values, $operation->latitude < 0.0) + $operation->policy);

        return Saved::at(
            route('account.policy'),
            __('The policy is saved.'),
        );
    }

    /** @return list<Linked> yards and harvests where it is otherwise */
    private function exceptions(Operation $operation): array
    {
        $exceptions = [];
        foreach (Apiary::query()->with('harvestPolicies')->orderBy('position')->get() as $apiary) {
            if ($apiary->heather || $apiary->policy || $apiary->harvestPolicies->isNotEmpty()) {
                $words = [Policy::of($operation, $apiary)->words()];
                foreach ($apiary->harvestPolicies as $harvest) {
                    $words[] = Policy::of($operation, $apiary, $harvest)->words();
                }
                $exceptions[] = new Linked(
                    "$apiary->name: ".implode(' ', $words),
                    route('yards.yard', $apiary->slug).'#policy',
                );
            }
        }

        return $exceptions;
    }
}
