<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\BrokenVisit;
use App\Apiary\Days\MendReader;
use App\Apiary\Days\TroubleWords;
use App\Foundation\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;

/** Planned visits that cannot go as planned, and the days to which they are moved. */
final readonly class MendController
{
    public function show(MendReader $reader, TroubleWords $words): View
    {
        $broken = $reader->all();
        (new Collection(array_column($broken, 'clearing')))->loadMissing('apiary');

        return view('day.mend', [
            'words' => $words,
            'moving' => array_values(array_filter($broken, static fn (BrokenVisit $one): bool => $one->canMove())),
            'another' => array_values(array_filter($broken, static fn (BrokenVisit $one): bool => ! $one->canMove())),
        ]);
    }

    /** All that are ticked, at once; one undo takes all back. */
    public function update(MendRequest $request): RedirectResponse
    {
        $clearings = $request->clearings();
        foreach ($clearings as $clearing) {
            $clearing->claim(null);
            [$first, $second] = $request->days($clearing);
            $clearing->update(['first_on' => $first, 'second_on' => $second]);
        }

        return Saved::at(route('clear.mend'), trans_choice(
            '{0} Nothing is moved.|{1} :count visit is moved.|[2,*] :count visits are moved.',
            count($clearings),
        ));
    }
}
