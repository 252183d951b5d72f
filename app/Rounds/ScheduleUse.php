<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\Schedule;
use Illuminate\Database\Eloquent\Builder;
use Marjoram\Core\Rounds\Way;

/** Takes a plan over all yards into use: each visit becomes a plan of its yard. */
final readonly class ScheduleUse
{
    /** @return int plans made; what has left its hive or is on a plan already is passed over */
    public function plans(Schedule $round): int
    {
        $state = ScheduleState::of($round);
        $apiaries = array_column($round->task['yards'], 'apiary', 'id');
        $made = 0;
        foreach (RoundParts::of($round) as $s => $hives) {
            $service = $round->services[$s];
            $boxes = $this->free(RoundParts::boxes($hives));
            if ($boxes === [] || Apiary::query()->whereKey($apiaries[$service['yard']])->doesntExist()) {
                continue;
            }
            $plan = Clearing::query()->create([
                'apiary_id' => $apiaries[$service['yard']],
                'round_id' => $round->id,
                'method' => \App\Wording\MethodNames::ofWay(Way::from($service['way'])),
                'first_on' => $service['first'],
                'second_on' => $service['way'] === 'escape' ? $service['last'] : null,
                'person_minutes' => round($state->minutesOf($service), 1),
                'frozen' => [
                    'reason' => __('from the rounds ":name"', ['name' => $round->name]),
                    'bees_left_per_super' => 0,
                    'cautions' => [],
                ],
            ]);
            foreach ($boxes as $box) {
                $plan->items()->create(['hive_id' => $box->place?->hive_id, 'box_id' => $box->id]);
            }
            $made++;
        }

        return $made;
    }

    /**
     * @param  list<string>  $ids
     * @return list<Box> those that stand in a hive and are on no open plan
     */
    private function free(array $ids): array
    {
        $taken = ClearingSuper::query()
            ->whereIn('box_id', $ids)
            ->whereHas('plan', fn (Builder $plan) => $plan->where('state', '!=', 'collected'))
            ->pluck('box_id')
            ->all();

        return array_values(
            Box::query()
                ->whereIn('id', array_diff($ids, $taken))
                ->with('place')
                ->get()
                ->filter(fn (Box $box): bool => $box->place !== null)
                ->all(),
        );
    }
}
