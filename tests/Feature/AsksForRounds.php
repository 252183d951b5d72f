<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Schedule;
use App\Pages\Rounds\SearchSchedule;

/** Asks for a schedule over all yards through the form, and searches it here instead of in the queue. */
trait AsksForRounds
{
    /** @param  array<string, mixed>  $with */
    private function planned(array $with = []): Schedule
    {
        $this->send('POST', '/clear/rounds', $with + RouteCatalogue::ROUNDS)->assertStatus(303);
        $schedule = Schedule::query()->latest('id')->firstOrFail();
        $this->search($schedule);

        return $schedule->refresh();
    }

    private function search(Schedule $schedule): void
    {
        app()->call([new SearchSchedule((string) $schedule->operation_id, $schedule->id, 1), 'handle']);
        $this->demo();
    }
}
