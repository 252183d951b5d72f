<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clear\PlanRound;
use App\Models\Round;
use App\Support\CurrentOperation;

/** Asks for a plan over all yards through the form, and searches it here instead of in the queue. */
trait AsksForRounds
{
    private const FORM = ['days' => '10', 'weekday_min' => '300', 'saturday_min' => '480', 'sunday_min' => '0', 'truck_supers' => '60', 'hold_supers' => '90', 'held_supers' => '0', 'extract_supers' => '20', 'seconds' => '1'];

    /** @param  array<string, mixed>  $with */
    private function planned(array $with = []): Round
    {
        $this->send('POST', '/clear/rounds', $with + self::FORM)->assertStatus(303);
        $round = Round::query()->latest('id')->firstOrFail();
        $this->search($round);

        return $round->refresh();
    }

    private function search(Round $round): void
    {
        (new PlanRound((string) $round->operation_id, $round->id, 1))->handle(app(CurrentOperation::class));
        $this->demo();
    }
}
