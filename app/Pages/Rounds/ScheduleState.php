<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Schedule;
use App\Models\Schedules\AskedHive;
use App\Models\Schedules\AskedYard;
use App\Models\SearchState;
use App\Words\Wording;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Rounds\DayLoad;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\Shortfalls;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\VisitCosts;
use Marjoram\Core\Rounds\VisitOption;

/** A schedule as it stands: its itinerary calculated again, what the search is doing, and what does not fit. */
final readonly class ScheduleState
{
    /** @param  list<Shortfall>  $shortfalls  none while the search is at work */
    private function __construct(
        public Schedule $schedule,
        public RoundsQuestion $question,
        public Itinerary $plan,
        public SearchState $search,
        public int $iterations,
        public array $shortfalls,
        private ScheduleParts $parts,
    ) {
    }

    public static function orBroken(Schedule $schedule): self|BrokenSchedule
    {
        try {
            return self::of($schedule);
        } catch (InvalidInput $reason) {
            return new BrokenSchedule($schedule, $reason);
        }
    }

    /** @throws InvalidInput when it was asked for with what cannot be calculated */
    public static function of(Schedule $schedule): self
    {
        $question = $schedule->toCore();
        $search = $schedule->search;
        $state = $search->state ?? SearchState::Done;
        $found = $state->isRunning() ? $search->visits ?? [] : [];
        $plan = Itinerary::of($question, $found === [] ? $schedule->visits : $found);

        return new self(
            $schedule,
            $question,
            $plan,
            $state,
            $search->iterations ?? 0,
            $state->isRunning() ? [] : (new Shortfalls($question))->of($plan),
            $state->isRunning() ? ScheduleParts::none() : ScheduleParts::of($schedule),
        );
    }

    public function isRunning(): bool
    {
        return $this->search->isRunning();
    }

    /** Why the search failed, where it said so. */
    public function failure(): ?string
    {
        return $this->schedule->search?->reason;
    }

    public function hasFailed(): bool
    {
        return $this->search === SearchState::Failed;
    }

    /** The first day with a drive. */
    public function firstBusyDay(): ?string
    {
        foreach ($this->plan->days as $day) {
            if ($day->route !== []) {
                return $day->date->format('Y-m-d');
            }
        }

        return null;
    }

    public function day(?string $date): ?DayLoad
    {
        foreach ($this->plan->days as $day) {
            if ($day->date->format('Y-m-d') === $date) {
                return $day;
            }
        }

        return null;
    }

    /** Minutes of the crew that are left on a day. */
    public function spareMin(DayLoad $day): float
    {
        $place = $this->question->dayAt($day->date);
        $crew = $place === null ? 0.0 : $this->question->days[$place]->crewMin;

        return max(0.0, $crew - $day->minutes());
    }

    /** @return list<non-empty-list<AskedYard>> the stops of a day's drive: what lies in the same place is one stop */
    public function drive(DayLoad $day): array
    {
        $stops = [];
        foreach ($day->route as $id) {
            $yard = $this->schedule->question->yard($id);
            if ($yard !== null) {
                $stops[$yard->place->apiaryId][] = $yard;
            }
        }

        return array_values($stops);
    }

    /** Minutes of the crew for a visit, both of its days together. */
    public function minutesOf(Visit $visit): float
    {
        $yard = $this->question->yard($visit->yard);
        if ($yard === null || ! $this->question->knows($visit)) {
            return 0.0;
        }
        $costs = new VisitCosts($this->question);
        $slot = VisitOption::slotOf($this->question, $visit);

        return $costs->place($slot, $yard, $visit->hives) + $costs->collect($slot, $yard, $visit->hives);
    }

    /** @return list<AskedHive> that a visit means */
    public function hivesOf(int $visit): array
    {
        return $this->parts->hivesOf($visit);
    }

    /** @return list<string> ids of the supers that a visit means */
    public function boxesOf(int $visit): array
    {
        return $this->parts->boxesOf($visit);
    }

    /** Supers of a visit: of the hives that it means, or while the search is at work, as if all hives were alike. */
    public function supersOf(int $visit): int
    {
        $one = $this->plan->visits[$visit];
        $perHive = $this->question->yard($one->yard)?->supersPerHive() ?? 0.0;

        return $this->hivesOf($visit) === [] ? (int) round($perHive * $one->hives) : count($this->boxesOf($visit));
    }

    public function isLocked(Visit $visit): bool
    {
        return array_filter($this->question->locks, $visit->isAs(...)) !== [];
    }

    /**
     * What is done at a yard on a day.
     *
     * @return list<string>
     */
    public function work(AskedYard $yard, DayLoad $day, Wording $say): array
    {
        $words = [];
        foreach ($this->plan->visits as $v => $one) {
            if ($one->yard !== $yard->id) {
                continue;
            }
            if ($one->last == $day->date) {
                $words[] = trans_choice(
                    '{1} collect :count super (:way)|[2,*] collect :count supers (:way)',
                    $this->supersOf($v),
                    ['way' => $say->method($one->method)],
                );
            } elseif ($one->first == $day->date) {
                $words[] = trans_choice('{1} place :count board|[2,*] place :count boards', $one->hives);
            }
        }

        return $words;
    }
}
