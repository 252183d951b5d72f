<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Places\PlaceByName;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class OperationController
{
    public function update(Request $request, CurrentOperation $current, PlaceByName $places): RedirectResponse
    {
        $places->into($request);
        $values = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'time_zone' => ['required', 'timezone:all'],
            'latitude' => ['sometimes', 'numeric', 'between:-66,70'],
            'longitude' => ['nullable', 'numeric', 'between:-180,180'],
            'crew' => ['required', 'integer', 'between:1,20'],
            'extractor' => ['sometimes', 'integer', 'between:2,120'],
            'escape_boards' => ['required', 'integer', 'between:0,2000'],
            'fume_boards' => ['required', 'integer', 'between:0,200'],
            'blower' => ['sometimes', 'boolean'],
            'dry_room' => ['sometimes', 'boolean'],
            'demo_today' => ['nullable', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2040-01-01'],
        ]);
        $current->get()->change(
            array_intersect_key($values, ['latitude' => true, 'extractor' => true]) + [
                'longitude' => $values['longitude'] ?? null,
                'name' => $values['name'],
                'time_zone' => $values['time_zone'],
                'crew' => (int) $values['crew'],
                'dry_room' => $request->boolean('dry_room'),
                'kit' => [
                    'escape_boards' => (int) $values['escape_boards'],
                    'fume_boards' => (int) $values['fume_boards'],
                    'blower' => $request->boolean('blower'),
                ],
                'demo_today' => $values['demo_today'] ?? null,
            ],
        );

        return Saved::at(route('account.show'), __('The operation is saved.'));
    }
}
