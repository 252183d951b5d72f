<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\FrozenClearing;
use App\Models\Schedule;
use Marjoram\Core\Rounds\Visit;

/** Takes a schedule into use: each visit becomes a clearing of its yard. */
final readonly class ScheduleUse
{
    /** @return int clearings made; what has left its hive or is on a clearing already is passed over */
    public function clearings(Schedule $schedule): int
    {
        $state = ScheduleState::of($schedule);
        $made = 0;
        foreach ($state->plan->visits as $v => $visit) {
            $boxes = $this->free($state->boxesOf($v));
            $yard = $schedule->question->yard($visit->yard)?->place->apiaryId;
            if ($boxes !== [] && Apiary::query()->whereKey($yard)->exists()) {
                $this->clearing($schedule, $visit, (string) $yard, $boxes, $state->minutesOf($visit));
                $made++;
            }
        }

        return $made;
    }

    /** @param  list<Box>  $boxes */
    private function clearing(Schedule $schedule, Visit $visit, string $yard, array $boxes, float $minutes): void
    {
        $clearing = Clearing::query()->create([
            'apiary_id' => $yard,
            'schedule_id' => $schedule->id,
            'method' => $visit->method,
            'first_on' => $visit->firstDay(),
            'second_on' => $visit->places() ? $visit->lastDay() : null,
            'person_minutes' => round($minutes, 1),
            'frozen' => new FrozenClearing(__('From the schedule ":name"', ['name' => $schedule->name])),
        ]);
        foreach ($boxes as $box) {
            $clearing->items()->create(['hive_id' => $box->place?->hive_id, 'box_id' => $box->id]);
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<Box> those that stand in a hive and are on no open clearing
     */
    private function free(array $ids): array
    {
        $taken = ClearingSuper::query()
            ->whereIn('box_id', $ids)
            ->whereIn('clearing_id', Clearing::open()->select('id'))
            ->pluck('box_id')
            ->all();
        $boxes = Box::query()->whereIn('id', array_diff($ids, $taken))->with('place')->get();

        return array_values($boxes->filter(fn (Box $box): bool => $box->place !== null)->all());
    }
}
