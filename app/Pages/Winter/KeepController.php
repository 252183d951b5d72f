<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Http\Saved;
use App\Models\Box;
use App\Models\Decision;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person decides that a super stays for winter, or comes off against the calculation. */
final readonly class KeepController
{
    public function __construct(
        private YardReader $yards,
        private WinterReader $winter,
        private CurrentOperation $current,
    ) {
    }

    public function store(Request $request, Box $box): RedirectResponse
    {
        $hive =
            $box->load('place.hive.stand.apiary')->place->hive ??
            throw ValidationException::withMessages(['box' => __('This box is in store.')]);
        $apiary = $hive->stand->apiary;
        $state = $this->yards->hive($apiary, $hive->code);
        $winter = ($state === null ? null : $this->winter->one($apiary, $state)) ?? abort(404);
        $needed = in_array($box->id, $winter->reserve->keep, true);
        $values = $request->validate(
            [
                'choice' => ['required', Rule::in(Decision::CHOICES)],
                'note' => [$needed ? 'required_if:choice,take' : 'nullable', 'nullable', 'string', 'max:500'],
            ],
            ['note.required_if' => __('This super is needed for winter. Say why you take it anyway.')],
        );
        $reserve = $winter->reserve;
        Decision::query()->create([
            'box_id' => $box->id,
            'hive_id' => $hive->id,
            'stage' => 'winter',
            'user_id' => Auth::id(),
            'choice' => $values['choice'],
            'note' => $values['note'] ?? null,
            'frozen' => [
                'need_kg' => round($reserve->needQuantileKg, 2),
                'stores_kg' => round($reserve->storesKg, 2),
                'p_enough' => round($reserve->pEnough, 4),
                'needed' => $needed,
                'policy' => 'v'.$this->current->get()->policy_version,
            ],
            'decided_at' => $this->current->utc(),
        ]);

        return Saved::at(
            route('winter.hive', [$hive->stand->apiary->slug, $hive->code]),
            $values['choice'] === 'stay' ? __('The super stays for winter.') : __('The super may come off.'),
        );
    }

    public function destroy(Decision $decision): RedirectResponse
    {
        $decision->load('box.place.hive.stand.apiary')->delete();
        $hive = $decision->box->place?->hive;

        return Saved::at(
            $hive === null ? route('winter.index') : route('winter.hive', [$hive->stand->apiary->slug, $hive->code]),
            __('The calculated choice is used again.'),
        );
    }
}
