<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\SeasonNow;
use App\Apiary\Overview\Task;
use DateTimeImmutable;

/** All that the frame of every page shows of the season. Plain values, since it is cached. */
final readonly class Summary
{
    /**
     * @param  list<YardSummary>  $yards
     * @param  array<string, Figure>  $figures  by stage
     * @param  array<string, float>  $flow  gain of the best scale in kg a day, by date
     * @param  list<SeasonHarvest>  $harvests
     * @param  list<DateTimeImmutable>  $planned  days on which supers are to come in
     * @param  ?DateTimeImmutable  $treatment  supers off by
     */
    public function __construct(
        public SeasonNow $now,
        public array $yards,
        public array $figures,
        public array $flow,
        public array $harvests,
        public array $planned,
        public ?DateTimeImmutable $treatment,
    ) {
    }

    public function hives(): int
    {
        return array_sum(array_map(static fn (YardSummary $yard): int => $yard->hives, $this->yards));
    }

    /** @return list<Task> most urgent first */
    public function tasks(): array
    {
        $tasks = array_merge($this->ofSeason(), ...array_column($this->yards, 'tasks'));
        usort($tasks, static fn (Task $a, Task $b): int => [$a->urgency, $a->from] <=> [$b->urgency, $b->from]);

        return $tasks;
    }

    /** A task with the name of its yard, if it has one. */
    public function said(Task $task): string
    {
        $yard = array_column($this->yards, 'name', 'slug')[$task->yard] ?? null;

        return $yard === null ? $task->words : "$yard: $task->words";
    }

    /** @return list<Task> it is time to close a season, or to begin one */
    private function ofSeason(): array
    {
        $task = static fn (string $words): Task => new Task(
            '',
            'wait',
            $words,
            __('all yards'),
            route('season.show', [], false),
            0,
            null,
            15,
        );

        return match (true) {
            $this->now->toClose !== null => [$task(__('Close season :year', ['year' => $this->now->toClose]))],
            $this->now->isToBegin => [$task(__('Begin season :year', ['year' => $this->now->season]))],
            default => [],
        };
    }

    /** What is to do with the supers of all yards. */
    public function heading(): string
    {
        if (! $this->now->isOn) {
            return $this->now->sentence();
        }
        $look = array_sum(array_column($this->yards, 'look'));
        $ripe = array_sum(array_column($this->yards, 'take'));
        $dry = array_sum(array_column($this->yards, 'dry'));

        return implode(' ', array_filter([
            $look > 0 ? trans_choice('Inspect :count super.|Inspect :count supers.', $look) : '',
            trans_choice('{0} No super is ripe.|{1} :count super is ripe.|[2,*] :count supers are ripe.', $ripe),
            $dry > 0 ? trans_choice(':count super can dry.|:count supers can dry.', $dry) : '',
        ]));
    }

    /** @return list<YardSummary> with hives to feed */
    public function short(): array
    {
        return array_values(array_filter($this->yards, static fn (YardSummary $yard): bool => $yard->toFeed > 0));
    }
}
