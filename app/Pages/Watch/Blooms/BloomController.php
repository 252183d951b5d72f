<?php

declare(strict_types=1);

namespace App\Pages\Watch\Blooms;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Places\SeasonCalendar;
use App\Models\Apiary;
use App\Models\Bloom;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A plant began to flower, or has finished. */
final readonly class BloomController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function store(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate([
            'plant' => ['required', 'string', 'max:40'],
            'what' => ['required', 'in:began,ended'],
            'on' => ['required', 'date_format:Y-m-d', 'after:1990-01-01'],
            'note' => ['nullable', 'string', 'max:200'],
        ]);
        $on = new DateTimeImmutable($values['on']);
        if ($values['on'] > $this->current->day()) {
            throw ValidationException::withMessages(['on' => __('This day is in the future.')]);
        }
        $season = SeasonCalendar::seasonOf($on, $this->current->get()->latitude < 0);
        $plant = mb_strtoupper(mb_substr(trim($values['plant']), 0, 1)).mb_substr(trim($values['plant']), 1);
        $bloom = Bloom::query()
            ->where('apiary_id', $apiary->id)
            ->where('plant', $plant)
            ->where('season', $season)
            ->lockForUpdate()
            ->first() ?? new Bloom(['apiary_id' => $apiary->id, 'plant' => $plant, 'season' => $season]);
        $bloom->fill([$values['what'] === 'began' ? 'began_on' : 'ended_on' => $on]);
        if (($values['note'] ?? null) !== null) {
            $bloom->note = $values['note'];
        }
        if ($bloom->began_on !== null && $bloom->ended_on !== null && $bloom->ended_on < $bloom->began_on) {
            throw ValidationException::withMessages(['on' => __('A bloom cannot finish before it began.')]);
        }
        $bloom->save();

        return Saved::at(route('watch.yard', $apiary->slug).'#blooms', __('Saved: :what.', ['what' => $plant]));
    }

    public function destroy(Bloom $bloom): RedirectResponse
    {
        $bloom->load('apiary')->delete();

        return Saved::at(route('watch.yard', $bloom->apiary->slug).'#blooms', __('The bloom is removed.'));
    }
}
