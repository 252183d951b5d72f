<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Foundation\Writes\Conflict;
use App\Foundation\Writes\LastChange;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\Decision;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person overrides the verdict of one super or of many, or withdraws that. */
final readonly class DecisionController
{
    public function __construct(private YardReader $yards,
        private CurrentOperation $current,
        private KeepDecision $decisions,
    ) {
    }

    public function store(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(
            [
                'choice' => ['required', Rule::in(Decision::CHOICES)],
                'note' => ['required', 'string', 'max:500'],
                'was' => ['nullable', 'string', 'max:26'],
            ],
            ['note.required' => __('Say in a few words why you decide differently. The note is saved with your decision.')],
        );
        $hive =
            $box->load('place.hive.stand.apiary')->place->hive ??
            throw ValidationException::withMessages(['box' => __('This box is in store.')]);
        $apiary = $hive->stand->apiary;
        $state = $this->yards->hive($apiary, $hive->code)?->box($box->id) ?? abort(404);
        if (array_key_exists('was', $values)) {
            self::refuseUnseen($state, $values['choice'], $values['was']);
        }
        $this->decisions->keep($state, $values['choice'], $values['note'], Policy::at($this->current, $apiary));

        return Saved::at(
            BoxPage::url($box),
            $values['choice'] === 'take' ? __('Your decision: it comes off.') : __('Your decision: it stays.'),
        );
    }

    /** @throws Conflict where another decided otherwise, unknown to whoever decides now */
    private static function refuseUnseen(BoxState $box, string $choice, ?string $was): void
    {
        $stands = $box->decision === null ? null : Decision::query()->find($box->decision->id);
        if ($stands === null || $stands->id === $was || $stands->choice === $choice) {
            return;
        }
        if ($stands->user_id !== Auth::id()) {
            $theirs = ['choice' => $stands->choice, 'note' => $stands->note] + LastChange::of($stands);
            throw Conflict::changedMeanwhile(__('The decision'), $theirs);
        }
    }

    /** One decision for many supers of a yard, undone as one. */
    public function bulk(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate(
            [
                'boxes' => ['required', 'array', 'min:1', 'max:500'],
                'boxes.*' => ['string', 'max:26'],
                'choice' => ['required', Rule::in([...Decision::CHOICES, 'verdict'])],
                'note' => ['required_unless:choice,verdict', 'nullable', 'string', 'max:500'],
            ],
            [
                'boxes.required' => __('Choose at least one super.'),
                'note.required_unless' => __(
                    'Say in a few words why you decide differently. The note is saved with your decision.',
                ),
            ],
        );
        $yard = $this->yards->one($apiary);
        $policy = Policy::at($this->current, $apiary);
        $chosen = array_values(
            array_filter(
                $yard->supers(),
                static fn (BoxState $box): bool => in_array($box->id, $values['boxes'], true),
            ),
        );
        if (count($chosen) !== count(array_unique($values['boxes']))) {
            throw ValidationException::withMessages([
                'boxes' => __('One of these supers is no longer at :yard. Load the page again.', [
                    'yard' => $apiary->name,
                ]),
            ]);
        }
        if ($values['choice'] === 'verdict') {
            Gate::authorize('manage');
            foreach ($chosen as $box) {
                Decision::query()->find($box->decision?->id)?->delete();
            }
        } else {
            foreach ($chosen as $box) {
                $this->decisions->keep($box, $values['choice'], (string) $values['note'], $policy);
            }
        }

        return Saved::at(
            route('assess.yard', $apiary->slug).'#today',
            trans_choice('{1} Your decision for :count super is saved.|[2,*] Your decisions for :count supers are saved.', count($chosen)),
        );
    }

    public function destroy(Decision $decision): RedirectResponse
    {
        $decision->load('box')->delete();

        return Saved::at(BoxPage::url($decision->box), __('The calculated verdict is used again.'));
    }
}
