<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Operation\CurrentOperation;
use App\YardState\Drives;
use App\YardState\Visits\Lifted;
use App\YardState\Visits\LoadingList;
use App\YardState\Visits\Stop;
use App\YardState\Visits\StopReader;
use DateTimeImmutable;
use Illuminate\Support\Collection;
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

        return new DaySheet(
            new DateTimeImmutable($date),
            $stops,
            LoadingList::of($stops, $operation->kit, $operation->crew),
            Lifted::of($stops, $operation->crew),
        );
    }

    /** @return list<Stop> */
    private function stops(string $date): array
    {
        $clearings = Clearing::query()
            ->where(fn ($that) => $that->whereDate('first_on', $date)->orWhereDate('second_on', $date))
            ->with(['apiary', 'items.hive', 'items.box.place'])
            ->get();
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
            array_push($stops, ...$this->at($here, $date, $travel->minutes[$at][$place + 1]));
            $at = $place + 1;
        }

        return $stops;
    }

    /**
     * @param  Collection<int, Clearing>  $clearings  of one yard
     * @return list<Stop>
     */
    private function at(Collection $clearings, string $date, float $drive): array
    {
        $boxes = $clearings->map(static fn (Clearing $one): array => $one->items->pluck('box_id')->all());
        $going = array_values(array_merge([], ...array_values($boxes->all())));
        $stops = [];
        foreach ($clearings->values() as $i => $clearing) {
            $stops[] = $this->reader->stop($clearing, $date, $i === 0 ? $drive : 0.0, $going, $i > 0);
        }

        return $stops;
    }
}
