<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\BoxPlace;
use App\Models\Hive;
use App\Models\WinterLook;
use Illuminate\Http\RedirectResponse;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Reserve\StoresAssumptions;

final readonly class WinterLookController
{
    public function __construct(private BoxKindReader $kinds)
    {
    }

    public function store(WinterLookRequest $request, Hive $hive, CurrentOperation $current): RedirectResponse
    {
        $frames = $request->text('honey_frames');
        $honey = $frames === '' ? $request->kg('brood_honey') : round((float) $frames * $this->fullFrameKg($hive), 2);
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

    /** Honey on one frame of the hive's brood boxes that is capped on both faces. */
    private function fullFrameKg(Hive $hive): float
    {
        $brood = $hive->load('places.box')->places->first(static fn (BoxPlace $place): bool => $place->role === 'brood');
        $kind = $this->kinds->get($brood->box->kind ?? 'langstroth-deep-10');
        $full = new Frame(1, new Face(1.0), new Face(1.0));

        return (new Comb)->honeyIn(new FittedBox($kind), [$full])->honey->kg;
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
