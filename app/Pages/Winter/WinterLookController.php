<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Hive;
use App\Models\WinterLook;
use Illuminate\Http\RedirectResponse;
use Marjoram\Core\Reserve\StoresAssumptions;

final class WinterLookController
{
    public function store(WinterLookRequest $request, Hive $hive, CurrentOperation $current): RedirectResponse
    {
        $honey = $request->kg('brood_honey');
        $how = $request->text('how');
        $known = new StoresAssumptions;
        $sd = $how === 'measured' ? $known->measuredSd : $known->estimatedSd;
        $hive
            ->winterLooks()
            ->create([
                'looked_on' => $current->today(),
                'frames_of_bees' => (float) $request->text('frames_of_bees'),
                'brood_honey_kg' => $honey,
                'brood_honey_sd_kg' => $honey === null ? null : round($sd * $honey, 2),
                'how' => $how,
            ]);
        $hive->load('stand.apiary');

        return Saved::at(
            route('winter.hive', [$hive->stand->apiary->slug, $hive->code]),
            __('Saved for the winter of :hive.', ['hive' => $hive->code]),
        );
    }

    public function destroy(WinterLook $look): RedirectResponse
    {
        $look->load('hive.stand.apiary')->delete();

        return Saved::at(
            route('winter.hive', [$look->hive->stand->apiary->slug, $look->hive->code]),
            __('The winter inspection is removed.'),
        );
    }
}
