<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\Decision;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Http\Saved;
use App\YardState\BoxState;
use App\YardState\Looks\FrozenVerdict;
use App\YardState\YardReader;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person decides over the verdict; the verdict is frozen beside the decision with its reasons and policy. */
final readonly class DecisionController
{
    public function __construct(private YardReader $yards,
        private CurrentOperation $current,
        private FrozenVerdict $frozen,
    ) {
    }

    public function store(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(
            ['choice' => ['required', Rule::in(Decision::CHOICES)], 'note' => ['required', 'string', 'max:500']],
            ['note.required' => __('Say in a few words why you decide otherwise; the note stays with the record.')],
        );
        $hive =
            $box->load('place.hive.stand.apiary')->place->hive ??
            throw ValidationException::withMessages(['box' => __('This box is in store.')]);
        $apiary = $hive->stand->apiary;
        $state = $this->yards->hive($apiary, $hive->code)?->box($box->id) ?? abort(404);
        $this->decide($state, $values['choice'], $values['note'], Policy::at($this->current, $apiary));

        return Saved::at(
            BoxPage::url($box),
            $values['choice'] === 'take' ? __('Overruled: it comes off.') : __('Overruled: it stays.'),
        );
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
                    'Say in a few words why you decide otherwise; the note stays with the record.',
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
                $this->decide($box, $values['choice'], (string) $values['note'], $policy);
            }
        }

        return Saved::at(
            route('assess.yard', $apiary->slug).'#today',
            trans_choice('{1} :count super is decided.|[2,*] :count supers are decided.', count($chosen)),
        );
    }

    private function decide(BoxState $box, string $choice, string $note, Policy $policy): void
    {
        Decision::query()->create([
            'box_id' => $box->id,
            'hive_id' => $box->hiveId,
            'stage' => 'assess',
            'user_id' => Auth::id(),
            'choice' => $choice,
            'note' => $note,
            'frozen' => $this->frozen->of($box, $policy),
            'decided_at' => $this->current->now()->setTimezone(new DateTimeZone('UTC')),
        ]);
    }

    public function destroy(Decision $decision): RedirectResponse
    {
        $decision->load('box')->delete();

        return Saved::at(BoxPage::url($decision->box), __('The verdict stands again.'));
    }
}
