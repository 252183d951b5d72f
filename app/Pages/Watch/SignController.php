<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\FlowSign;
use App\Words\Choices;
use App\Words\Names;
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
                Rule::in(array_keys(Choices::signs())),
            ],
        ]);
        [$sign, $result] = explode(':', $values['seen']);
        FlowSign::query()->create([
            'apiary_id' => $apiary->id,
            'sign' => $sign,
            'result' => $result,
            'seen_at' => $current->utc(),
        ]);

        return Saved::at(
            route('watch.yard', $apiary->slug),
            __('Saved: :what.', ['what' => Names::seen($sign, $result)]),
        );
    }

    public function destroy(FlowSign $sign): RedirectResponse
    {
        $sign->load('apiary')->delete();

        return Saved::at(route('watch.yard', $sign->apiary->slug), __('The sign is removed.'));
    }
}
