<?php

declare(strict_types=1);

namespace App\Desk;

/** All that the frame of every page shows of the season. Plain values: it is cached by the operation's revision. */
final readonly class Summary
{
    /**
     * @param  list<YardSummary>  $yards
     * @param  array<string, array{string, array<string, string|int|float>}>  $figures  stage => words with their values, put into the reader's units later
     * @param  array<string, float>  $flow  mean gain in kg a day over the scales, by date
     * @param  list<array{date: string, kg: float}>  $harvests
     * @param  list<array{date: string}>  $planned
     */
    public function __construct(
        public int $season,
        public array $yards,
        public array $figures,
        public array $flow,
        public array $harvests,
        public array $planned,
        public ?string $treatment,
    ) {
    }

    public function hives(): int
    {
        return array_sum(array_map(static fn (YardSummary $yard): int => $yard->hives, $this->yards));
    }

    /** @return list<Task> most urgent first */
    public function tasks(): array
    {
        $tasks = array_merge([], ...array_map(static fn (YardSummary $yard): array => $yard->tasks, $this->yards));
        usort($tasks, static fn (Task $a, Task $b): int => [$a->urgency, $a->from] <=> [$b->urgency, $b->from]);

        return $tasks;
    }
}
