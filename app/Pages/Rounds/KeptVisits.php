<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Visit;

/** Of visits that were planned, what the yards and days of a newer question still have. */
final readonly class KeptVisits
{
    public function __construct(private RoundsQuestion $question)
    {
    }

    /**
     * @param  list<Visit>  $visits
     * @return list<Visit>
     */
    public function of(array $visits): array
    {
        $left = [];
        foreach ($this->question->yards as $yard) {
            $left[$yard->id] = $yard->hives;
        }
        $kept = [];
        foreach ($visits as $visit) {
            if ($this->question->knows($visit) && $visit->hives <= $left[$visit->yard]) {
                $left[$visit->yard] -= $visit->hives;
                $kept[] = $visit;
            }
        }

        return $kept;
    }
}
