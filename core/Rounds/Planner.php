<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Numerics\Budget;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * Which yard when, by which way, on which drive. Entry point of the module.
 *
 * Simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over the services of the yards' parts with broken limits
 * charged at a rate that adapts, restarted from the best plan in cycles of doubling length: a longer search passes
 * through every plan of a shorter one, so more time never gives a worse answer. Only plans that break no limit are
 * ever kept. The same seed and iterations give the same plan.
 */
final class Planner
{
    private const ASK_EVERY = 200;

    private const HOT = 60.0;

    private const COLD = 0.4;

    private int $iterations = 0;

    /** @var array{array<int, int>, array<int, int>} */
    private array $best;

    private float $bestTotal = INF;

    private WorkingSchedule $state;

    private Moves $moves;

    private SeededRandom $random;

    private readonly Tours $tours;

    /** @param  ?callable(Itinerary, int): void  $progress  called with each better plan and the iterations so far */
    public function __construct(
        private readonly RoundsQuestion $question,
        private readonly int $seed = 1,
        private $progress = null,
    ) {
        $this->tours = new Tours($question->travel, count($question->yards) > Tours::FEW ? Tours::QUICK : Tours::EXACT);
        $this->random = new SeededRandom($seed);
        $this->state = new WorkingSchedule($question, $this->tours, self::mostParts($question));
        $this->moves = new Moves($question, $this->state, $this->random);
        $this->best = $this->state->snapshot();
    }

    public function plan(Budget $budget): Itinerary
    {
        $this->begin();
        $length = 2000 + 200 * count($this->question->yards);
        while ($this->question->yards !== [] && ! $budget->isSpent($this->iterations)) {
            $this->cycle($length, $budget);
            $length *= 2;
        }
        $this->state->restore($this->best);

        return Itinerary::of($this->question, $this->state->visits());
    }

    public function iterations(): int
    {
        return $this->iterations;
    }

    /** Construction: yards by deadline, each at its cheapest place that breaks nothing. */
    private function begin(): void
    {
        $this->bestTotal = $this->state->total;
        $order = array_keys($this->question->yards);
        usort(
            $order,
            fn (int $a, int $b): int => [$this->question->yards[$a]->deadline, -$this->question->yards[$a]->hives] <=> [
                $this->question->yards[$b]->deadline,
                -$this->question->yards[$b]->hives,
            ],
        );
        foreach ($order as $a) {
            foreach ($this->state->parts[$a] as $part) {
                if ($this->state->hives[$part] > 0) {
                    $this->moves->putBest($part, true);
                }
            }
        }
        $this->keep();
    }

    private function cycle(int $length, Budget $budget): void
    {
        $this->state->restore($this->best);
        $cooling = (self::COLD / self::HOT) ** (self::ASK_EVERY / $length);
        $heat = self::HOT;
        $good = 0;
        for ($i = 1; $i <= $length; $i++) {
            $this->iterations++;
            $before = $this->state->value();
            $undo = $this->moves->any();
            $change = $this->state->value() - $before;
            if ($change > 0.0 && $this->random->uniform() >= exp(-$change / $heat)) {
                foreach (array_reverse($undo) as [$part, $option, $hives]) {
                    $this->state->put($part, $option, $hives);
                }
            } elseif ($this->state->broken === 0.0) {
                $good++;
                $this->keep();
            }
            if ($i % self::ASK_EVERY === 0) {
                $heat *= $cooling;
                // About a third of the plans that are passed through should break no limit.
                $this->state->weight = min(
                    200.0,
                    max(
                        0.5,
                        $this->state->weight *
                            ($good < self::ASK_EVERY / 12 ? 1.25 : ($good > self::ASK_EVERY / 6 ? 0.85 : 1.0)),
                    ),
                );
                $good = 0;
                if ($budget->isSpent($this->iterations)) {
                    return;
                }
            }
        }
    }

    private function keep(): void
    {
        if ($this->state->broken === 0.0 && $this->state->total < $this->bestTotal - 1e-6) {
            $this->best = $this->state->snapshot();
            $this->bestTotal = $this->state->total;
            if ($this->progress !== null) {
                ($this->progress)(
                    Itinerary::of($this->question, $this->state->visits(), $this->tours),
                    $this->iterations,
                );
            }
        }
    }

    /** As many parts as the tightest of boards, truck and honey room may ask for, and one more. */
    private static function mostParts(RoundsQuestion $question): int
    {
        $most = 2;
        foreach ($question->yards as $yard) {
            foreach (
                [
                    [(float) $yard->hives, (float) $question->kit->escapeBoards],
                    [$yard->supers, $question->capacity->truckSupers],
                    [$yard->supers, $question->capacity->holdSupers],
                ] as [$has, $room]
            ) {
                if ($room > 0.0) {
                    $most = max($most, 1 + (int) ceil($has / $room));
                }
            }
        }

        return min(6, $most);
    }
}
