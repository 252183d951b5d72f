<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\ScaleWeight;
use Illuminate\Http\RedirectResponse;

final class WeightController
{
    public function store(WeightRequest $request, Apiary $apiary): RedirectResponse
    {
        ScaleWeight::query()->create([
            'apiary_id' => $apiary->id,
            'hive_id' => $request->string('hive')->toString(),
            'at' => $request->at(),
            'kg' => $request->kg('weight'),
        ]);

        return Saved::at(route('watch.yard', $apiary->slug), __('The weight is saved.'));
    }

    public function destroy(ScaleWeight $weight): RedirectResponse
    {
        $weight->load('apiary')->delete();

        return Saved::at(route('watch.yard', $weight->apiary->slug), __('The weight is removed.'));
    }
}
