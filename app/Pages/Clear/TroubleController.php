<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Days\TroubleWords;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Clearing;
use App\Models\StopTrouble;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What went wrong at a stop today; sent twice it stays one. */
final readonly class TroubleController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function __invoke(Request $request, Clearing $clearing): RedirectResponse
    {
        $values = $request->validate([
            'what' => ['required', Rule::in(StopTrouble::WHAT)],
            'done' => ['required', 'boolean'],
            'back' => ['nullable', 'date_format:Y-m-d'],
        ]);
        $clearing->claim(null);
        StopTrouble::note($clearing, $values['what'], $this->current->day(), (bool) $values['done']);

        return Saved::at(
            isset($values['back']) ? route('clear.day', $values['back']) : route('clear.plan', $clearing->id),
            (bool) $values['done']
                ? __('Saved: :what. The next plan uses it.', ['what' => TroubleWords::choices()[$values['what']]])
                : __('Removed.'),
        );
    }
}
