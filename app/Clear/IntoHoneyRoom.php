<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\Models\Harvest;
use App\Models\Lot;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\SeasonCalendar;
use App\YardState\YardState;
use Illuminate\Validation\ValidationException;

/** Supers collected become a harvest and a lot: each with its hive, colony, queen and what it was judged to hold. */
final readonly class IntoHoneyRoom
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function take(Clearing $plan, YardState $yard): Lot
    {
        $today = $this->current->today();
        if ($today->format('Y-m-d') < $plan->first_on->format('Y-m-d')) {
            throw ValidationException::withMessages([
                'plan' => __('This round begins on :day; its supers cannot be in before.', [
                    'day' => $plan->first_on->format('Y-m-d'),
                ]),
            ]);
        }
        $season = SeasonCalendar::seasonOf($today, $plan->apiary->latitude < 0);
        $count = Harvest::query()->where('season', $season)->where('apiary_id', $plan->apiary_id)->count() + 1;
        $harvest = Harvest::query()->create([
            'apiary_id' => $plan->apiary_id,
            'season' => $season,
            'name' => __(':yard, harvest :n of :season', [
                'yard' => $plan->apiary->name,
                'n' => $count,
                'season' => $season,
            ]),
            'taken_on' => $today,
        ]);
        foreach ($plan->items as $item) {
            $box = ($yard->hives[$item->hive->code] ?? null)?->box($item->box_id);
            $frozen = $plan->frozen['verdicts'][$item->box_id] ?? [];
            $harvest
                ->supers()
                ->create([
                    'box_id' => $item->box_id,
                    'hive_id' => $item->hive_id,
                    'colony_id' => $item->hive->colony?->id,
                    'queen_id' => $item->hive->colony?->queen_id,
                    'estimate_kg' => round($box->honey->honeyKg ?? (float) ($frozen['honey_kg'] ?? 0.0), 3),
                    'own_sd_kg' => round($box->honey->ownSdKg ?? 1.0, 3),
                    'frozen' => $frozen === [] || $box === null
                            ? $frozen
                            : [
                                'fill_factor' => Policy::at($this->current, $plan->apiary)->fillOf(
                                    $box->fitted->kind->key,
                                )[0],
                            ] + $frozen,
                ]);
            $item->box->place?->update(['until' => $today]);
        }
        for (
            $n = $count;
            Lot::query()
                ->where('code', $code = sprintf('L%02d-%s%d', $season % 100, $plan->apiary->letter, $n))
                ->exists();
            $n++
        );

        return Lot::query()->create(['harvest_id' => $harvest->id, 'code' => $code]);
    }
}
