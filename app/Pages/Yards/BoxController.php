<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\Stacks;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Hive;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Boxes on, off and from hive to hive; a box stands in one place at a time and remembers all of them. */
final readonly class BoxController
{
    public function __construct(private CurrentOperation $current, private Stacks $stacks)
    {
    }

    /** A new box, or one from store. */
    public function store(Request $request, Hive $hive, NewHive $maker, BoxKindReader $kinds): RedirectResponse
    {
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
        if (($values['box'] ?? '') !== '') {
            $box = Box::query()->with('place.hive')->whereKey($values['box'])->first()
                ?? throw ValidationException::withMessages(['box' => __('This box does not exist. Choose another.')]);
            if ($box->place !== null) {
                throw ValidationException::withMessages(['box' => __(
                    'Box :mark is on :hive. Take it off there first, or move it.',
                    ['mark' => $box->mark, 'hive' => $box->place->hive->code],
                )]);
            }
        } else {
            $kind = $kinds->get((string) $values['kind']);
            $frames = isset($values['frames_fitted']) ? (int) $values['frames_fitted'] : null;
            if ($frames > $kind->frames) {
                throw ValidationException::withMessages([
                    'frames_fitted' => __('This box has room for :n frames.', ['n' => $kind->frames]),
                ]);
            }
            $box = $maker->bare($kind->key, $values['role'], $frames);
        }
        $this->stacks->put($box, $hive, null, $values['role'], $since, $putOn);

        return $this->done($hive, $box, __(':box is on :hive.', ['box' => $box->mark, 'hive' => $hive->code]));
    }

    /** To another hive or another place of its own; from store onto a hive. */
    public function move(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate([
            'hive' => ['required', 'string', 'max:12'],
            'role' => ['nullable', Rule::in(['brood', 'super'])],
            'under' => ['nullable', 'integer', 'between:0,40'],
            'step' => ['nullable', Rule::in(['up', 'down'])],
            'since' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            'put_on' => ['nullable', Rule::in(BoxPlace::PUT_ON)],
        ]);
        $hive = Hive::query()->where('code', mb_strtoupper($values['hive']))->first()
            ?? throw ValidationException::withMessages(['hive' => __('No hive has this code.')]);
        if (isset($values['step'])) {
            $this->stacks->step($box, $hive, $values['step']);

            return $this->done($hive, $box, __(':box has moved in the stack.', ['box' => $box->mark]));
        }
        $place = $this->stacks->put(
            $box,
            $hive,
            isset($values['under']) ? (int) $values['under'] : null,
            $values['role'] ?? null,
            $this->day($values['since'] ?? null),
            $values['put_on'] ?? null,
        );

        return $this->done($hive, $box, __(':box is on :hive, :where.', [
            'box' => $box->mark,
            'hive' => $hive->code,
            'where' => $place->role === 'brood' ? __('as a brood box') : __('as a super'),
        ]));
    }

    public function off(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(['until' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01']]);
        $place = $this->stacks->off($box, $this->day($values['until'] ?? null));

        return $this->done($place->load('hive')->hive, $box, __(':box is in store.', ['box' => $box->mark]));
    }

    public function destroy(Box $box): RedirectResponse
    {
        if ($box->place()->exists()) {
            throw ValidationException::withMessages(['box' => __('This box is on a hive. Take it off first.')]);
        }
        $box->delete();

        return Saved::at(route('yards.index'), __('Box :mark is in the bin.', ['mark' => $box->mark]));
    }

    private function day(?string $given): string
    {
        $today = $this->current->day();
        if ($given !== null && $given > $today) {
            throw ValidationException::withMessages([
                'since' => __('This day is in the future. The latest allowed day is :day.', ['day' => $today]),
            ]);
        }

        return $given ?? $today;
    }

    /** To the drawing that it was done in, with the box still in hand. */
    private function done(Hive $hive, Box $box, string $words): RedirectResponse
    {
        $hive->load('stand.apiary');

        return Saved::at(
            route('yards.hive', [$hive->stand->apiary->slug, $hive->code, 'box' => $box->id]),
            $words,
        );
    }
}
