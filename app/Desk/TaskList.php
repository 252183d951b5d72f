<?php

declare(strict_types=1);

namespace App\Desk;

use App\Clear\YardClearing;
use App\Models\Clearing;
use App\YardState\YardState;
use DateTimeImmutable;

/** What to do next at a yard, from all stages. */
final class TaskList
{
    /** Boards that stay longer are found out by robbers (common practice). */
    private const MOST_NIGHTS = 3;

    /** @return list<Task> */
    public static function of(
        YardState $yard,
        YardClearing $clearing,
        DateTimeImmutable $today,
        int $toFeed,
        float $sugarKg,
    ): array {
        $slug = $yard->apiary->slug;
        $tasks = [];
        $look = $yard->toLook();
        if ($look > 0) {
            $tasks[] = new Task(
                $slug,
                'look',
                trans_choice('look at :count super|look at :count supers', $look),
                __(':n min', ['n' => 8 * $look]),
                route('assess.yard', $slug, false),
                1,
                null,
                10,
            );
        }
        foreach ($clearing->plans as $plan) {
            $tasks[] = self::planned($plan, $slug, $today);
        }
        $best = $clearing->methods[0] ?? null;
        if (count($clearing->supers()) > 0 && $best !== null && $best->feasible()) {
            $from = self::days($today, $best->visits[0]);
            $last = count($best->visits) > 1 ? self::days($today, $best->visits[count($best->visits) - 1]) : null;
            $tasks[] = new Task(
                $slug,
                $best->method->value === 'escape-board' ? 'board' : 'take',
                trans_choice('clear :count super|clear :count supers', count($clearing->supers())),
                __('proposed'),
                route('clear.yard', $slug, false),
                $from,
                $last,
                20,
            );
        }
        if ($toFeed > 0) {
            $tasks[] = new Task(
                $slug,
                'feed',
                trans_choice('feed :count hive|feed :count hives', $toFeed),
                __('sugar'),
                route('winter.yard', $slug, false),
                max(1, $clearing->offBy === null ? 14 : self::days($today, $clearing->offBy)),
                null,
                40,
                $sugarKg,
            );
        }

        return $tasks;
    }

    private static function planned(Clearing $plan, string $slug, DateTimeImmutable $today): Task
    {
        $n = $plan->items->count();
        $placing = $plan->method === 'escape-board' && $plan->state === 'planned';
        $nights = self::days($plan->first_on->toDateTimeImmutable(), $today);
        if (! $placing && $plan->second_on !== null && $nights >= self::MOST_NIGHTS) {
            return new Task(
                $slug,
                'board',
                trans_choice(
                    '{1} fetch the boards: :count night out|[2,*] fetch the boards: :count nights out',
                    $nights,
                ),
                __('no board stays more than three'),
                route('clear.plan', $plan->id, false),
                0,
                null,
                0,
            );
        }

        return new Task(
            $slug,
            $placing ? 'board' : 'take',
            $placing
                ? trans_choice('boards on for :count super|boards on for :count supers', $n)
                : trans_choice('lift :count super|lift :count supers', $n),
            __('planned'),
            route('clear.plan', $plan->id, false),
            self::days($today, $placing || $plan->second_on === null ? $plan->first_on : $plan->second_on),
            $placing && $plan->second_on !== null ? self::days($today, $plan->second_on) : null,
            5,
        );
    }

    /** Whole days from today's date to another. */
    public static function days(DateTimeImmutable $today, \DateTimeInterface $date): int
    {
        return (int) round((strtotime($date->format('Y-m-d')) - strtotime($today->format('Y-m-d'))) / 86400);
    }
}
