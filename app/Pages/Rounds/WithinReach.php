<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Days\Drives;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Schedules\LeftOut;
use App\Models\Schedules\LeftOutReason;

/** Which yards one drive out and home can serve: those that lie farther off are a plan of their own. */
final readonly class WithinReach
{
    /** A longer way than this, one way, is no stop of a day's drive (common practice). */
    private const MOST_MIN = 240.0;

    public function __construct(private CurrentOperation $current, private Drives $drives)
    {
    }

    /** What is to be known first, as a sentence; null where nothing is. */
    public function asksFirst(Batches $batches): ?string
    {
        if ($this->current->get()->longitude !== null || ! $this->lieApart($this->minutes($batches))) {
            return null;
        }

        return __('Some yards are more than four hours apart. Set the place of the honey room first: drives start there.');
    }

    public function of(Batches $batches): Batches
    {
        $minutes = $this->minutes($batches);
        $isFar = static fn (float $min): bool => $min > self::MOST_MIN;
        $near = $left = [];
        foreach ($batches->in as $i => $batch) {
            if ($isFar($minutes[0][$i + 1])) {
                $left[] = new LeftOut(LeftOutReason::TooFar, $batch->name(), count($batch->supers()));
            } else {
                $near[] = $batch;
            }
        }

        return new Batches($near, [...$batches->left, ...$left]);
    }

    /** @return list<list<float>> the honey room first */
    private function minutes(Batches $batches): array
    {
        return $this->drives->minutes(
            array_map(static fn (ReadySupers $batch): Apiary => $batch->apiary, $batches->in),
        );
    }

    /** @param  list<list<float>>  $minutes */
    private function lieApart(array $minutes): bool
    {
        $between = array_merge([], ...array_map(
            static fn (array $row): array => array_slice($row, 1),
            array_slice($minutes, 1),
        ));

        return $between !== [] && max($between) > self::MOST_MIN;
    }
}
