<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\BrokenVisit;
use App\Apiary\Days\MendReader;
use App\Apiary\Days\TroubleWords;
use App\Foundation\Http\Saved;
use App\Models\Clearing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Planned visits that cannot go as planned, and the days to which they are moved. */
final readonly class MendController
{
    public function show(MendReader $reader, TroubleWords $words): View
    {
        $broken = $reader->all();

        return view('day.mend', [
            'words' => $words,
            'moving' => array_values(array_filter($broken, static fn (BrokenVisit $one): bool => $one->canMove())),
            'another' => array_values(array_filter($broken, static fn (BrokenVisit $one): bool => ! $one->canMove())),
        ]);
    }

    /** All that are ticked, at once; one undo takes all back. */
    public function update(MendRequest $request): RedirectResponse
    {
        $moved = 0;
        foreach ($request->moves() as $id => [$first, $second]) {
            $clearing = Clearing::query()->whereKey($id)->firstOrFail();
            $clearing->claim(null);
            $request->assertFits($clearing, $first, $second);
            $clearing->update(['first_on' => $first, 'second_on' => $second]);
            $moved++;
        }

        return Saved::at(route('clear.mend'), trans_choice(
            '{0} Nothing is moved.|{1} :count visit is moved.|[2,*] :count visits are moved.',
            $moved,
        ));
    }
}
