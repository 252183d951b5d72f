<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Days\LoadingList;
use App\Apiary\Days\StopReader;
use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\FrozenClearing;
use App\Words\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodOutcome;

/** A clearing of a yard: kept, its sheet, its ticks, and into the honey room. */
final readonly class ClearingController
{
    public function __construct(private YardReader $yards, private CurrentOperation $current)
    {
    }

    public function show(Clearing $clearing, StopReader $stops): View
    {
        $clearing->load(['apiary', 'items.hive', 'items.box.place']);
        $operation = $this->current->get();

        return view('clear.plan', [
            'clearing' => $clearing,
            'sheet' => new ClearingSheet($clearing, $this->yards->one($clearing->apiary)),
            'load' => LoadingList::of($stops->ofClearing($clearing), $operation->kit, $operation->crew),
            'crew' => $operation->crew,
            'finishOn' => $this->current->day(),
        ]);
    }

    public function store(KeepClearing $request, Apiary $apiary, ClearReader $reader, Wording $say): RedirectResponse
    {
        $yard = $reader->of($apiary);
        $chosen = $request->chosen($yard);
        $method = $request->outcome($yard, $say);
        $policy = Policy::at($this->current, $apiary);
        $made = [];
        foreach ($method->parts() as $part) {
            $boxes = array_values(array_filter($chosen, static fn (BoxState $one): bool => $part->reaches($one->hive)));
            $made = [...$made, ...$boxes === [] ? [] : [$this->keep($apiary, $part, $boxes, new FrozenClearing(
                self::reason($yard->compared, $method->method, $say),
                round($part->beesLeftPerSuper, 1),
                $say->statements($part->cautions),
                (new FrozenVerdict($say))->all($boxes, $policy),
            ))]];
        }

        return Saved::at(route('clear.plan', $made[0]->id), trans_choice(
            '{1} The clearing is saved.|[2,*] :count clearings are saved: the boards do not reach all hives.',
            count($made),
        ));
    }

    /** @param  list<BoxState>  $boxes */
    private function keep(Apiary $apiary, MethodOutcome $part, array $boxes, FrozenClearing $frozen): Clearing
    {
        $clearing = Clearing::query()->create([
            'apiary_id' => $apiary->id,
            'method' => $part->method,
            'first_on' => $part->visits[0],
            'second_on' => $part->visits[1] ?? null,
            'person_minutes' => round($part->personMinutes, 1),
            'frozen' => $frozen,
        ]);
        foreach ($boxes as $one) {
            $clearing->items()->create(['hive_id' => $one->hiveId, 'box_id' => $one->id]);
        }

        return $clearing;
    }

    /** Why this method: by its rank, or by the keeper's choice over what ranks first. */
    private static function reason(Compared $compared, Method $chosen, Wording $say): string
    {
        $best = $compared->best()?->method;

        return $best === null || $best === $chosen
            ? $say->statement($compared->reason)
            : __('Your choice; the comparison put :method first.', ['method' => $say->method($best)]);
    }

    /** One tick: a board on, or a super on the truck; sent twice it stays one. */
    public function tick(Request $request, ClearingSuper $item): RedirectResponse
    {
        $values = $request->validate([
            'what' => ['required', Rule::in(['placed', 'collected'])],
            'done' => ['required', 'boolean'],
            'back' => ['nullable', 'date_format:Y-m-d'],
        ]);
        $clearing = $item->load('clearing')->clearing;
        if ($values['what'] === 'collected') {
            self::refuseCollected($clearing, 'done', __('This clearing is in the honey room already.'));
        }
        $item->update([$values['what'].'_at' => (bool) $values['done'] ? $this->current->utc() : null]);
        if ($values['what'] === 'placed') {
            $state = $clearing->load('items')->stateByBoards();
            if ($state !== $clearing->state) {
                $clearing->update(['state' => $state]);
            }
        }

        return Saved::at(
            isset($values['back']) ? route('clear.day', $values['back']) : route('clear.plan', $clearing->id),
            __('Ticked.'),
        );
    }

    public function destroy(Clearing $clearing): RedirectResponse
    {
        $clearing->load(['apiary', 'items']);
        self::refuseCollected($clearing, 'plan', __('This clearing is in the honey room already; undo that first.'));
        $clearing->items->each(fn (ClearingSuper $item) => $item->delete());
        $clearing->delete();

        return Saved::at(route('clear.yard', $clearing->apiary->slug), __('The clearing is in the bin.'));
    }

    /** @throws ValidationException */
    private static function refuseCollected(Clearing $clearing, string $field, string $words): void
    {
        if ($clearing->isCollected()) {
            throw ValidationException::withMessages([$field => $words]);
        }
    }
}
