<?php

declare(strict_types=1);

namespace App\Apiary\Days;

/** What the hands of the crew lift off the hives that day. */
final readonly class Lifted
{
    /**
     * @param  float  $kg  with the boxes
     * @param  int  $beyond  boxes that are beyond one back
     */
    private function __construct(public float $kg, public int $people, public int $beyond)
    {
    }

    /** @param  list<YardVisit>  $visits */
    public static function of(array $visits, int $crew): self
    {
        $kg = 0.0;
        $beyond = 0;
        foreach ($visits as $visit) {
            foreach ($visit->places || $visit->takesFrames() ? [] : $visit->clearing->items as $super) {
                $kg += $visit->box($super)->grossKg ?? 0.0;
                $beyond += $visit->lift($super) === null ? 0 : 1;
            }
        }

        return new self($kg, max(1, $crew), $beyond);
    }

    public function eachKg(): float
    {
        return $this->kg / $this->people;
    }
}
