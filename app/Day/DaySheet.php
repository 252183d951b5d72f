<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Operation\CurrentOperation;
use App\YardState\BoxState;
use App\YardState\YardReader;
use Illuminate\Support\Collection;
use Marjoram\Core\Rounds\Tours;
use Marjoram\Core\Rounds\Travel;

/** One day out: the stops in the order of the drive, what is done at each, and what goes on the truck. */
final readonly class DaySheet
{
    private const MINUTES_A_BOX = 2;

    public function __construct(
        private YardReader $yards,
        private \App\Clear\ClearReader $clear,
        private CurrentOperation $current,
        private \App\YardState\Drives $drives,
    ) {
    }

    /** @return list<DayStop> */
    public function stops(string $date): array
    {
        $plans = Clearing::query()
            ->where(fn ($that) => $that->whereDate('first_on', $date)->orWhereDate('second_on', $date))
            ->with(['apiary', 'items.hive', 'items.box.place'])
            ->get();
        $places = array_values($plans->pluck('apiary')->unique('id')->values()->all());
        if ($places === []) {
            return [];
        }
        // A way through another place may be the shorter one: what is driven is what is shown.
        $travel = Travel::of($this->drives->minutes($places), count($places) + 1);
        $minutes = $travel->minutes;
        $tours = new Tours($travel);
        $stops = [];
        $at = 0;
        foreach ($tours->route((1 << count($places)) - 1) as $place) {
            $here = $plans->where('apiary_id', $places[$place]->id);
            foreach ($here->values() as $i => $plan) {
                $stops[] = $this->stop(
                    $plan,
                    $date,
                    $i === 0 ? $minutes[$at][$place + 1] : 0.0,
                    array_values(
                        $here->flatMap(fn (Clearing $one): array => $one->items->pluck('box_id')->all())->all(),
                    ),
                    $i > 0,
                );
            }
            $at = $place + 1;
        }

        return $stops;
    }

    /** @return array<string, array{int, string}> what both visits of a plan want on the truck */
    public function loadOf(Clearing $plan): array
    {
        $days = array_unique(
            array_map(
                static fn (\DateTimeInterface $day): string => $day->format('Y-m-d'),
                array_filter([$plan->first_on, $plan->second_on]),
            ),
        );

        return $this->load(
            array_values(
                array_map(
                    fn (string $day): DayStop => $this->stop(
                        $plan,
                        $day,
                        0.0,
                        array_values($plan->items->pluck('box_id')->all()),
                    ),
                    $days,
                ),
            ),
        );
    }

    /** @param  list<string>  $going  boxes of all plans that are worked there that day: none of them is moved below another */
    private function stop(Clearing $plan, string $date, float $drive, array $going, bool $sameStop = false): DayStop
    {
        $places = $plan->second_on !== null && $plan->first_on->format('Y-m-d') === $date;
        $yard = $this->yards->one($plan->apiary);
        $below = [];
        /** @var Collection<string, Collection<int, ClearingSuper>> $byHive */
        $byHive = $plan->items->groupBy(fn (ClearingSuper $item): string => $item->hive->code)->sortKeys(SORT_NATURAL);
        if ($places || $plan->second_on === null) {
            foreach ($byHive as $code => $items) {
                $state = $yard->hives[$code] ?? null;
                $coming =
                    $state === null
                        ? []
                        : array_values(
                            array_filter(
                                $state->supers(),
                                static fn (BoxState $box): bool => $items->contains('box_id', $box->box->id),
                            ),
                        );
                $below[$code] =
                    $state === null
                        ? []
                        : array_values(
                            array_filter(
                                $this->clear->belowFirst($state, $coming),
                                static fn (BoxState $box): bool => ! in_array($box->box->id, $going, true),
                            ),
                        );
            }
        }

        return new DayStop(
            $plan,
            $places,
            $drive,
            $yard,
            $byHive->all(),
            $this->clear->lifts($yard),
            array_filter($below),
            self::MINUTES_A_BOX * array_sum(array_map(count(...), $below)),
            $sameStop,
        );
    }

    /**
     * What the hands of the crew lift off the hives that day.
     *
     * @param  list<DayStop>  $stops
     * @return array{kg: float, each: float, people: int, beyond: int} kg with boxes, kg for each of the people, boxes that are beyond one back
     */
    public function lifted(array $stops): array
    {
        $kg = 0.0;
        $beyond = 0;
        foreach ($stops as $stop) {
            foreach ($stop->places ? [] : $stop->plan->items as $item) {
                $kg += $stop->box($item->hive->code, $item->box_id)?->honey->grossKg ?? 0.0;
                $beyond += ($stop->lifts[$item->box_id]->index ?? 0.0) > 1.0 ? 1 : 0;
            }
        }
        $people = max(1, $this->current->get()->crew);

        return ['kg' => $kg, 'each' => $kg / $people, 'people' => $people, 'beyond' => $beyond];
    }

    /**
     * @param  list<DayStop>  $stops
     * @return array<string, array{int, string}> thing => how many, what it is
     */
    public function load(array $stops): array
    {
        $supers = 0;
        $methods = $withBoard = $emptied = [];
        foreach ($stops as $stop) {
            $methods[$stop->plan->method] = true;
            // A hive may be on two plans of a day: it wants one board, and one empty super after.
            $hives = $stop->plan->items->pluck('hive_id')->flip()->all();
            $withBoard += $stop->places ? $hives : [];
            $emptied += $stop->places ? [] : $hives;
            $supers += $stop->places ? 0 : $stop->plan->items->count();
        }
        [$boards, $hives] = [count($withBoard), count($emptied)];
        $kit = $this->current->get()->kit ?? [];
        $crew = $this->current->get()->crew;
        $things = [
            'boards' => [$boards, __('escape boards, checked, right side up')],
            'tape' => [$boards > 0 ? 1 : 0, __('tape, for gaps and upper entrances')],
            'fume' => [
                isset($methods['fume-board']) ? min(max(1, $hives), $kit['fume_boards'] ?? 1) : 0,
                __('fume boards, pads, repellent as its label says, gloves'),
            ],
            'blower' => [isset($methods['blower']) ? 1 : 0, __('blower, ear and eye protection')],
            'brush' => [isset($methods['brush']) ? $crew : 0, __('bee brushes and water to wash them')],
            'covers' => [$supers, __('covers or cloths for the supers')],
            'empties' => [$hives, __('empty supers or rims for the bees below')],
            'straps' => [$supers > 0 ? max(2, (int) ceil($supers / 5)) : 0, __('straps')],
            'stand' => [
                $this->lifted($stops)['beyond'] > 0 ? 1 : 0,
                __('tilting stand or barrow: some boxes are beyond one back'),
            ],
            'smoker' => [1, __('smoker, fuel, lighter')],
            'water' => [1, __('water to drink and for the grass')],
            'aid' => [1, __('first aid, and what your doctor prescribed for stings')],
        ];

        return array_filter($things, static fn (array $thing): bool => $thing[0] > 0);
    }
}
