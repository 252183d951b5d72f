<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * What each day has room for: crew time, boards, truck and honey room; and where locked services need more, so much.
 *
 * @internal to the planner: mutable for speed
 */
final class Room
{
    /** @var array<int, float> minutes */
    public array $crew;

    /** @var array<int, int> */
    public array $boards;

    /** @var array<int, float> supers */
    public array $truck;

    /** @var array<int, float> supers */
    public array $hold;

    public function __construct(RoundsQuestion $question)
    {
        $days = count($question->days);
        $this->crew = array_map(static fn (WorkDay $day): float => $day->crewMin, $question->days);
        $this->boards = array_fill(0, $days, $question->kit->escapeBoards);
        $this->truck = array_fill(0, $days, $question->capacity->truckSupers);
        $this->hold = array_fill(0, $days, $question->capacity->holdSupers);
    }

    /** What a person has locked may break a limit; nothing else may break it further. */
    public function atLeast(int $day, float $minutes, int $boards, float $in, float $held): void
    {
        $this->crew[$day] = max($this->crew[$day], $minutes);
        $this->boards[$day] = max($this->boards[$day], $boards);
        $this->truck[$day] = max($this->truck[$day], $in);
        $this->hold[$day] = $in > 0.0 ? max($this->hold[$day], $held) : $this->hold[$day];
    }
}
