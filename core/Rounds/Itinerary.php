<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** Visits and all that follows from them: drives, loads and times, calculated from the visits alone. */
final readonly class Itinerary
{
    /**
     * @param  list<Visit>  $visits
     * @param  list<DayLoad>  $days
     * @param  array<array-key, int>  $notServed  hives left, by yard
     * @param  list<BrokenLimit>  $broken  limits that it breaks: none in one of the planner's
     */
    private function __construct(
        public array $visits,
        public array $days,
        public array $notServed,
        public Cost $cost,
        public array $broken,
    ) {
    }

    /** @param  list<Visit>  $visits  to yards and on days of the question; others are left out */
    public static function of(RoundsQuestion $question, array $visits, ?Tours $tours = null): self
    {
        $known = array_values(array_filter($visits, $question->knows(...)));
        $sums = new ItinerarySums($question);
        foreach ($known as $visit) {
            $sums->add($visit);
        }
        $days = $sums->days($tours ?? new Tours($question->travel));

        return new self($known, $days, $sums->notServed(), $sums->cost($days), self::brokenBy($question, $days));
    }

    public function isFeasible(): bool
    {
        return $this->broken === [];
    }

    /**
     * @param  list<DayLoad>  $days
     * @return list<BrokenLimit>
     */
    private static function brokenBy(RoundsQuestion $question, array $days): array
    {
        $broken = [];
        foreach ($days as $d => $day) {
            // What is held already when the plan begins is nobody's fault.
            $hold = $day->supersIn > 0.0 ? $day->heldSupers - $question->capacity->holdSupers : 0.0;
            $excess = [
                [ScheduleLimit::Crew, $day->minutes() - $question->days[$d]->crewMin],
                [ScheduleLimit::Truck, $day->supersIn - $question->capacity->truckSupers],
                [ScheduleLimit::Boards, (float) ($day->boardsOut - $question->kit->escapeBoards)],
                [ScheduleLimit::Hold, $hold],
            ];
            foreach ($excess as [$limit, $by]) {
                if ($by > 1e-6) {
                    $broken[] = new BrokenLimit($limit, $day->date, $by);
                }
            }
        }

        return $broken;
    }
}
