<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Hives\Stacks;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Box;
use App\Models\Hive;
use App\Models\Season;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\Yards\LifeEvents;
use App\Pages\Yards\NewHive;
use Illuminate\Validation\ValidationException;

/** Begins a season: which colonies and queens came through the winter, and the first supers. */
final readonly class SeasonStart
{
    public function __construct(
        private CurrentOperation $current,
        private Stacks $stacks,
        private NewHive $maker,
        private LifeEvents $events,
    ) {
    }

    /**
     * @param  Season  $season  held until this write is done
     * @param  list<string>  $died  ids of hives whose colony did not come through
     * @param  bool  $sameQueens  the others have the queens that are noted
     * @return int how many supers were put on
     *
     * @throws ValidationException where it has begun already
     */
    public function begin(Season $season, FirstSupers $supers, array $died, bool $sameQueens): int
    {
        if ($season->begun_at !== null) {
            throw ValidationException::withMessages([
                'season' => __('Season :year has begun already.', ['year' => $season->season]),
            ]);
        }
        $on = 0;
        $day = $this->current->day();
        foreach (Hive::query()->with(['colony', 'colonies'])->orderBy('code')->get() as $hive) {
            if (in_array($hive->id, $died, true)) {
                $this->events->happened($hive, 'died', $day, null, '');

                continue;
            }
            if ($hive->isEmpty()) {
                continue;
            }
            if ($sameQueens && $hive->colony?->queen_id !== null) {
                $this->events->happened($hive, 'confirmed', $day, null, '');
            }
            if ($supers->goesOn($hive)) {
                $this->stacks->put($this->box($supers->kind), $hive, null, 'super', $day, $supers->putOn);
                $hive->update(['excluder' => $supers->excluder]);
                $on++;
            }
        }
        $season->fill(['begun_at' => $this->current->utc()])->save();

        return $on;
    }

    /** One from store that holds no honey; a new one where there is none. */
    private function box(string $kind): Box
    {
        $full = TakenSuper::query()
            ->where('slot', 0)
            ->whereIn('station', [Station::Door, Station::Dry])
            ->pluck('box_id');

        return Box::query()
            ->where('kind', $kind)
            ->whereDoesntHave('place')
            ->whereNotIn('id', $full->filter()->all())
            ->orderBy('mark')
            ->first() ?? $this->maker->bare($kind, 'super');
    }
}
