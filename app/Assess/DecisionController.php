<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Box;
use App\Models\Decision;
use App\Support\CurrentOperation;
use App\Support\Http\Saved;
use App\Support\PolicyBook;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A person decides over the verdict; the verdict is frozen beside the decision with its reasons and policy. */
final readonly class DecisionController
{
    public function __construct(private YardReader $yards, private CurrentOperation $current)
    {
    }

    public function store(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(['choice' => ['required', Rule::in(Decision::CHOICES)], 'note' => ['required', 'string', 'max:500']],
            ['note.required' => __('Say in a few words why you decide otherwise; the note stays with the record.')]);
        $hive = $box->load('place.hive.stand.apiary')->place->hive ?? throw ValidationException::withMessages(['box' => __('This box is in store.')]);
        $state = $this->yards->one($hive->stand->apiary)->hives[$hive->code]->box($box->id) ?? abort(404);
        Decision::query()->create(['box_id' => $box->id, 'hive_id' => $hive->id, 'stage' => 'assess', 'user_id' => Auth::id(), 'choice' => $values['choice'], 'note' => $values['note'],
            'frozen' => Frozen::of($state, (new PolicyBook($this->current->get(), $hive->stand->apiary))->stamp()), 'decided_at' => $this->current->now()->setTimezone(new DateTimeZone('UTC'))]);

        return Saved::at(BoxPage::url($box), $values['choice'] === 'take' ? __('Overruled: it comes off.') : __('Overruled: it stays.'));
    }

    public function destroy(Decision $decision): RedirectResponse
    {
        $decision->load('box')->delete();

        return Saved::at(BoxPage::url($decision->box), __('The verdict stands again.'));
    }
}
