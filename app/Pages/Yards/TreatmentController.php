<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Treatment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The dates that the keeper copies from the product label: they become deadlines. */
final class TreatmentController
{
    public function store(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate([
            'what' => ['required', 'string', 'max:120'],
            'supers_off_by' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'may_return' => ['nullable', 'date_format:Y-m-d', 'after:supers_off_by', 'before:2100-01-01'],
        ]);
        Treatment::query()->create(['apiary_id' => $apiary->id] + $values);

        return Saved::at(
            route('yards.yard', $apiary->slug),
            __('Supers are off :yard by this date.', ['yard' => $apiary->name]),
        );
    }

    public function destroy(Treatment $treatment): RedirectResponse
    {
        $treatment->load('apiary')->delete();

        return Saved::at(route('yards.yard', $treatment->apiary->slug), __('The treatment date is removed.'));
    }
}
