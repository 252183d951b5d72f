<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\YardVisit;

/** What is asked of each stop when a day is finished: a stop that nobody touched is no stop that was made. */
final readonly class FinishDay
{
    /** @return array<string, string> */
    public function went(YardVisit $visit): array
    {
        return [
            'done' => $visit->places ? __('the boards ticked here are on') : __('the supers ticked here came in'),
            'not' => __('nobody was there'),
        ];
    }

    /** What was said before; else what was ticked is done, and of a stop without a tick nothing is presumed. */
    public function answer(YardVisit $visit): ?string
    {
        $said = old('went.'.$visit->clearing->id);

        return is_string($said) ? $said : ($visit->hasTicks() ? 'done' : null);
    }
}
