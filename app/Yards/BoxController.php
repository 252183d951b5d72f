<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Hive;
use App\Operation\CurrentOperation;
use App\Support\Http\Saved;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Boxes on, off and from hive to hive; a box stands in one place at a time and remembers all of them. */
final readonly class BoxController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function store(
        Request $request,
        Hive $hive,
        NewHive $maker,
        \App\YardState\BoxKindReader $kinds,
    ): RedirectResponse {
        $values = $request->validate([
            'box' => ['nullable', 'string', 'max:26'],
            'kind' => ['required_without:box', 'nullable', Rule::in(array_keys($kinds->all()))],
            'role' => ['required', Rule::in(['brood', 'super'])],
            'frames_fitted' => ['nullable', 'integer', 'between:1,30'],
            'since' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            'put_on' => ['nullable', Rule::in(BoxPlace::PUT_ON)],
        ]);
        $since = $this->day($values['since'] ?? null);
        // A new super has nothing in it unless somebody says so; a brood box is looked at.
        $putOn = $values['role'] === 'super' ? $values['put_on'] ?? 'empty' : null;
        $position = $this->makeRoom($hive, $values['role']);
        if (($values['box'] ?? '') !== '') {
            $box =
                Box::query()->with('place')->whereKey($values['box'])->first() ??
                throw ValidationException::withMessages(['box' => __('There is no such box.')]);
            $this->place($box, $hive, $position, $values['role'], $since, $putOn);
        } else {
            $kind = $kinds->get((string) $values['kind']);
            if (isset($values['frames_fitted']) && (int) $values['frames_fitted'] > $kind->frames) {
                throw ValidationException::withMessages([
                    'frames_fitted' => __('This box has room for :n frames.', ['n' => $kind->frames]),
                ]);
            }
            $box = $maker->box(
                $hive,
                $kind->key,
                $position,
                $values['role'],
                isset($values['frames_fitted']) ? (int) $values['frames_fitted'] : null,
                $putOn,
                $since,
            );
        }

        return $this->done($hive, __(':box is on :hive.', ['box' => $box->mark, 'hive' => $hive->code]));
    }

    public function move(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate([
            'hive' => ['required', 'string', 'max:12'],
            'role' => ['nullable', Rule::in(['brood', 'super'])],
            'step' => ['nullable', Rule::in(['up', 'down'])],
            'since' => ['nullable', 'date_format:Y-m-d'],
        ]);
        $hive =
            Hive::query()->where('code', mb_strtoupper($values['hive']))->with('places')->first() ??
            throw ValidationException::withMessages(['hive' => __('No hive has this code.')]);
        $box->load('place');
        if (isset($values['step']) && $box->place?->hive_id === $hive->id) {
            $this->step($hive, $box->place, $values['step']);

            return $this->done($hive, __(':box has moved in the stack.', ['box' => $box->mark]));
        }
        $role = $values['role'] ?? ($box->place->role ?? 'super');
        $day = $this->day($values['since'] ?? null);
        $box->place?->update(['until' => $day]);
        $box->unsetRelation('place');
        $this->place($box->load('place'), $hive, $this->makeRoom($hive, $role), $role, $day);

        return $this->done($hive, __(':box is on :hive.', ['box' => $box->mark, 'hive' => $hive->code]));
    }

    public function off(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(['until' => ['nullable', 'date_format:Y-m-d']]);
        $box->load('place.hive');
        $place = $box->place ?? throw ValidationException::withMessages(['box' => __('This box is in store already.')]);
        $until = $this->day($values['until'] ?? null);
        if ($until < $place->since->format('Y-m-d')) {
            throw ValidationException::withMessages([
                'until' => __('It was put on :day; it cannot come off before.', [
                    'day' => $place->since->format('Y-m-d'),
                ]),
            ]);
        }
        $place->update(['until' => $until]);

        return $this->done($place->hive, __(':box is in store.', ['box' => $box->mark]));
    }

    public function destroy(Box $box): RedirectResponse
    {
        if ($box->place()->exists()) {
            throw ValidationException::withMessages(['box' => __('This box stands on a hive. Take it off first.')]);
        }
        $box->delete();

        return Saved::at(route('yards.index'), __('Box :mark is in the bin.', ['mark' => $box->mark]));
    }

    private function place(
        Box $box,
        Hive $hive,
        int $position,
        string $role,
        string $since,
        ?string $putOn = null,
    ): void {
        if ($box->place !== null) {
            throw ValidationException::withMessages([
                'box' => __(
                    'Box :mark stands on :hive. A box cannot be on two hives at once: take it off there, or move it.',
                    ['mark' => $box->mark, 'hive' => $box->place->hive->code],
                ),
            ]);
        }
        BoxPlace::query()->create([
            'box_id' => $box->id,
            'hive_id' => $hive->id,
            'position' => $position,
            'role' => $role,
            'put_on' => $putOn,
            'since' => $since,
        ]);
    }

    /** A super goes on top, a brood box on top of the brood boxes. */
    private function makeRoom(Hive $hive, string $role): int
    {
        $places = BoxPlace::query()->where('hive_id', $hive->id)->whereNull('until')->orderBy('position')->get();
        if ($role === 'super') {
            return (int) $places->max('position') + ($places->isEmpty() ? 0 : 1);
        }
        $position = $places->where('role', 'brood')->isEmpty()
            ? 0
            : (int) $places->where('role', 'brood')->max('position') + 1;
        foreach ($places->where('role', 'super') as $super) {
            $super->update(['position' => $super->position + 1]);
        }

        return $position;
    }

    private function step(Hive $hive, BoxPlace $place, string $step): void
    {
        $stack = $hive->places->sortBy('position')->values();
        $at = (int) $stack->search(fn (BoxPlace $one): bool => $one->id === $place->id);
        $other = $stack->get($at + ($step === 'up' ? 1 : -1));
        if ($other === null || $other->role !== $place->role) {
            throw ValidationException::withMessages([
                'step' => __('It cannot go further: brood boxes stay below, supers above.'),
            ]);
        }
        [$mine, $theirs] = [$place->position, $other->position];
        $place->update(['position' => $theirs]);
        $other->update(['position' => $mine]);
    }

    private function day(?string $given): string
    {
        $today = $this->current->today()->format('Y-m-d');
        if ($given !== null && $given > $today) {
            throw ValidationException::withMessages([
                'since' => __('This day is still to come; the latest allowed is :day.', ['day' => $today]),
            ]);
        }

        return $given ?? $today;
    }

    private function done(Hive $hive, string $words): RedirectResponse
    {
        $hive->load('stand.apiary');

        return Saved::at(route('yards.hive', [$hive->stand->apiary->slug, $hive->code]), $words);
    }
}
