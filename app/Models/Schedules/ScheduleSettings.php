<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use App\Models\Casts\StoredValue;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Capacity;

/** The settings of a schedule: days, working time, truck, honey room, and dates set by hand. */
final readonly class ScheduleSettings implements StoredValue
{
    private const WEEK = [300, 300, 300, 300, 300, 480, 0];

    /**
     * @param  list<int>  $crewMin  by weekday, Monday first
     * @param  int  $seconds  that the search may take
     * @param  list<string>  $daysOff  as Y-m-d
     * @param  array<string, ByHand>  $yards  by the id of the batch
     */
    public function __construct(
        public int $days = 12,
        public array $crewMin = self::WEEK,
        public Capacity $capacity = new Capacity(60.0, 90.0),
        public int $extractSupers = 40,
        public bool $split = false,
        public int $seconds = 4,
        public array $daysOff = [],
        public Waiting $waiting = Waiting::Own,
        public array $yards = [],
    ) {
    }

    public static function from(Fields $stored): static
    {
        $minutes = array_map(intval(...), $stored->numbers('crew_min'));

        return new self(
            $stored->whole('days', 12),
            count($minutes) === 7 ? $minutes : self::WEEK,
            new Capacity(
                $stored->number('truck_supers', 60.0),
                $stored->number('hold_supers', 90.0),
                $stored->number('held_supers'),
            ),
            $stored->whole('extract_supers', 40),
            $stored->flag('split'),
            $stored->whole('seconds', 4),
            $stored->texts('days_off'),
            Waiting::tryFrom($stored->text('later')) ?? Waiting::Own,
            array_map(ByHand::from(...), $stored->keyed('yards')),
        );
    }

    /** The same with other days and another choice for what is to wait. */
    public function asking(int $days, Waiting $waiting): self
    {
        return new self(
            $days,
            $this->crewMin,
            $this->capacity,
            $this->extractSupers,
            $this->split,
            $this->seconds,
            $this->daysOff,
            $waiting,
            $this->yards,
        );
    }

    /** Minutes of the crew on a day. */
    public function crewMinOn(\DateTimeInterface $day): int
    {
        $off = in_array($day->format('Y-m-d'), $this->daysOff, true);

        return $off ? 0 : $this->crewMin[(int) $day->format('N') - 1];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'days' => $this->days,
            'crew_min' => $this->crewMin,
            'truck_supers' => $this->capacity->truckSupers,
            'hold_supers' => $this->capacity->holdSupers,
            'held_supers' => $this->capacity->heldSupers,
            'extract_supers' => $this->extractSupers,
            'split' => $this->split,
            'seconds' => $this->seconds,
            'days_off' => $this->daysOff,
            'later' => $this->waiting->value,
            'yards' => array_map(static fn (ByHand $one): array => $one->toArray(), $this->yards),
        ];
    }
}
