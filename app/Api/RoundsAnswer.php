<?php

declare(strict_types=1);

namespace App\Api;

use App\Words\Wording;
use DateTimeImmutable;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Rounds\Cost;
use Marjoram\Core\Rounds\DayLoad;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\Shortfalls;
use Marjoram\Core\Rounds\Visit;

/** An itinerary as JSON. */
final readonly class RoundsAnswer
{
    /** The methods by their names in this computation. */
    public const METHODS = [
        'escape' => Method::EscapeBoard,
        'fume' => Method::FumeBoard,
        'blower' => Method::Blower,
        'brush' => Method::Brush,
    ];

    public function __construct(private RoundsQuestion $question, private Itinerary $plan)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $left = $this->plan->notServed;

        return [
            'services' => array_map($this->visit(...), $this->plan->visits),
            'days' => array_map($this->day(...), array_keys($this->plan->days), $this->plan->days),
            'not_served' => array_map(
                static fn (string|int $yard, int $hives): array => ['apiary' => (string) $yard, 'hives' => $hives],
                array_keys($left),
                $left,
            ),
            'cost' => self::cost($this->plan->cost),
            'shortfalls' => array_map(self::shortfall(...), (new Shortfalls($this->question))->of($this->plan)),
        ];
    }

    /** @return array<string, mixed> */
    private function visit(Visit $visit): array
    {
        return [
            'apiary' => $visit->yard,
            'hives' => $visit->hives,
            'supers' => ($this->question->yard($visit->yard)?->supersPerHive() ?? 0.0) * $visit->hives,
            'method' => array_search($visit->method, self::METHODS, true),
            'place' => $visit->places() ? $visit->firstDay() : null,
            'collect' => $visit->lastDay(),
        ];
    }

    /** @return array<string, mixed> */
    private function day(int $d, DayLoad $load): array
    {
        return [
            'date' => self::date($load->date),
            'route' => $load->route,
            'travel_min' => $load->travelMin,
            'work_min' => $load->workMin,
            'crew_min' => $this->question->days[$d]->crewMin,
            'boards_out' => $load->boardsOut,
            'supers_in' => $load->supersIn,
            'held_supers' => $load->heldSupers,
        ];
    }

    /** @return array<string, float> */
    private static function cost(Cost $cost): array
    {
        return [
            'total' => $cost->total(),
            'travel' => $cost->travel,
            'work' => $cost->work,
            'late' => $cost->late,
            'weather' => $cost->weather,
            'robbing' => $cost->robbing,
            'parts' => $cost->parts,
            'not_served' => $cost->notServed,
        ];
    }

    /** @return array<string, mixed> */
    private static function shortfall(Shortfall $one): array
    {
        return [
            'kind' => $one->kind,
            'date' => $one->date === null ? null : self::date($one->date),
            'short_by' => $one->shortBy,
            'sentence' => Wording::forPrograms()->shortfall($one, $one->yard),
        ];
    }

    private static function date(DateTimeImmutable $date): string
    {
        return $date->format('Y-m-d');
    }
}
