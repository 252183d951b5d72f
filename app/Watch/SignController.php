<?php

declare(strict_types=1);

namespace App\Watch;

use App\Models\Apiary;
use App\Models\FlowSign;
use App\Operation\CurrentOperation;
use App\Support\Http\Saved;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class SignController
{
    public function store(Request $request, Apiary $apiary, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate([
            'seen' => [
                'required',
                'string',
                Rule::in(array_map(static fn (array $sign): string => "$sign[0]:$sign[1]", Signs::all())),
            ],
        ]);
        [$sign, $result] = explode(':', $values['seen']);
        FlowSign::query()->create([
            'apiary_id' => $apiary->id,
            'sign' => $sign,
            'result' => $result,
            'seen_at' => $current->now()->setTimezone(new DateTimeZone('UTC')),
        ]);

        return Saved::at(
            route('watch.yard', $apiary->slug),
            __('Noted: :what.', ['what' => Signs::words($sign, $result)]),
        );
    }

    public function destroy(FlowSign $sign): RedirectResponse
    {
        $sign->load('apiary')->delete();

        return Saved::at(route('watch.yard', $sign->apiary->slug), __('The sign is removed.'));
    }
}
