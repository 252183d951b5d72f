<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Clearing;
use DateTimeImmutable;
use Marjoram\Core\Rounds\Tours;
use Marjoram\Core\Rounds\Travel;

/** Puts the clearings that are worked on a day into the order of the shortest drive. */
final readonly class DayReader
{
    public function __construct(
        private CurrentOperation $current,
        private StopReader $reader,
        private Drives $drives,
    ) {
    }

    /** @param  string  $date  Y-m-d */
    public function of(string $date): DaySheet
    {
        $operation = $this->current->get();
        $stops = $this->stops($date);
        $visits = array_merge([], ...array_map(static fn (Stop $stop): array => $stop->visits, $stops));

        return new DaySheet(
            new DateTimeImmutable($date),
            $stops,
            LoadingList::of($visits, $operation->kit, $operation->crew),
            Lifted::of($visits, $operation->crew),
        );
    }

    /** @return list<Stop> */
    private function stops(string $date): array
    {
        $clearings = Clearing::workedOn($date)->with(['apiary', 'items.hive', 'items.box.place'])->get();
        /** @var list<Apiary> $yards */
        $yards = array_values($clearings->pluck('apiary')->unique('id')->all());
        if ($yards === []) {
            return [];
        }
        // A way through another place may be the shorter one: what is driven is what is shown.
        $travel = Travel::of($this->drives->minutes($yards), count($yards) + 1);
        $stops = [];
        $at = 0;
        foreach ((new Tours($travel))->route((1 << count($yards)) - 1) as $place) {
            $here = $clearings->where('apiary_id', $yards[$place]->id);
            $stops[] = $this->reader->stop($here, $date, $travel->minutes[$at][$place + 1]);
            $at = $place + 1;
        }

        return $stops;
    }
}
