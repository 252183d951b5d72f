<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Harvest\Journey;
use App\Apiary\Hives\Stacks;
use App\Apiary\Operation\CurrentOperation;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\FollowUp;
use App\Models\Hive;
use App\Models\Season;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\ValidationException;

/** Ends a season: supers into store, excluders out, and nothing of it left to do. */
final readonly class SeasonEnd
{
    public function __construct(
        private CurrentOperation $current,
        private Stacks $stacks,
        private Journey $journey,
    ) {
    }

    /**
     * @param  Season  $season  held until this write is done
     * @param  'ticked'|'all'|'none'  $which  supers go into store
     * @param  list<string>  $ticked  ids of boxes
     * @return int how many did
     *
     * @throws ValidationException where it is closed already, or a board is still on
     */
    public function close(Season $season, string $which, array $ticked, bool $excludersOut): int
    {
        if ($season->closed_at !== null) {
            throw ValidationException::withMessages([
                'season' => __('Season :year is closed already.', ['year' => $season->season]),
            ]);
        }
        $this->endClearings();
        $stored = 0;
        foreach ($this->supers($which, $ticked)->with('box')->orderByDesc('position')->get() as $place) {
            $this->stacks->off($place->box, $this->current->day());
            $stored++;
        }
        if ($excludersOut) {
            Hive::query()->where('excluder', true)->orderBy('id')->get()
                ->each(static fn (Hive $hive): bool => $hive->update(['excluder' => false]));
        }
        $this->storeWet();
        FollowUp::query()->whereNull('done_at')->get()
            ->each(fn (FollowUp $one): bool => $one->update(['done_at' => $this->current->utc()]));
        $season->fill(['closed_at' => $this->current->utc()])->save();

        return $stored;
    }

    /** Extracted supers hang in store from now on; full ones wait in the honey room until they are extracted. */
    private function storeWet(): void
    {
        $wet = TakenSuper::query()->whereIn('station', [Station::Spun, Station::Cleaning])->pluck('id');
        $this->journey->move($this->journey->hold($wet->all()), Station::Stored);
    }

    /** What was planned and never begun is given up. A board that is on must come off first: bees starve above one. */
    private function endClearings(): void
    {
        foreach (Clearing::open()->with(['items', 'apiary'])->lockForUpdate()->get() as $clearing) {
            if ($clearing->hasBoardOn()) {
                throw ValidationException::withMessages(['season' => __(
                    'Boards are still on at :yard. Fetch them first, then close the season.',
                    ['yard' => $clearing->apiary->name],
                )]);
            }
            $clearing->items->each(static fn (ClearingSuper $item): ?bool => $item->delete());
            $clearing->delete();
        }
    }

    /**
     * @param  list<string>  $ticked
     * @return Builder<BoxPlace>
     */
    private function supers(string $which, array $ticked): Builder
    {
        $supers = BoxPlace::query()->whereNull('until')->where('role', 'super')->whereHas('hive');

        return match ($which) {
            'all' => $supers,
            'none' => $supers->whereRaw('false'),
            default => $supers->whereIn('box_id', $ticked),
        };
    }
}
