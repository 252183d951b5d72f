<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Operation;
use App\Models\Role;
use App\Models\Schedule;
use App\Operation\CurrentOperation;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\Planner;
use Throwable;

/** The search for a plan, in the background: writes the best so far, and stops when it is told. */
final class SearchSchedule implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 110;

    private const WRITE_EVERY_NS = 4e8;

    public function __construct(
        public readonly string $operation,
        public readonly string $round,
        public readonly int $seconds,
    ) {
    }

    public function handle(CurrentOperation $current): void
    {
        $current->enter(Operation::query()->findOrFail($this->operation), Role::Owner);
        $round = Schedule::query()->findOrFail($this->round);
        DB::table('round_searches')
            ->where('round_id', $this->round)
            ->where('state', 'waiting')
            ->update(['state' => 'planning', 'updated_at' => now()]);
        $written = 0.0;
        $planner = new Planner(RoundMap::task($round), 1, function (Itinerary $plan, int $iterations) use (
            $round,
            &$written,
        ): void {
            $now = (float) hrtime(true);
            if ($now - $written > self::WRITE_EVERY_NS) {
                $written = $now;
                $this->write($round, $plan, $iterations, []);
            }
        });
        $plan = $planner->plan(
            new WallClockBudget($this->seconds * 1000, function (int $iterations): bool {
                // Most of a search finds nothing better: that it is at work is to be seen all the same.
                DB::table('round_searches')
                    ->where('round_id', $this->round)
                    ->update(['iterations' => $iterations]);

                return DB::table('round_searches')->where('round_id', $this->round)->value('state') === 'stopping';
            }),
        );
        $this->write($round, $plan, $planner->iterations(), ['state' => 'done']);
        // What was found becomes the round's plan; a person's changes are logged, the search's are not.
        activity()->withoutLogs(
            fn () => $round->refresh()->update(['services' => RoundMap::stored($round, $plan->services)]),
        );
        Operation::query()->whereKey($this->operation)->increment('revision');
        $current->leave();
    }

    public function failed(?Throwable $why): void
    {
        DB::table('round_searches')
            ->where('round_id', $this->round)
            ->update(['state' => 'failed', 'updated_at' => now()]);
    }

    /** @param  array<string, string>  $more */
    private function write(Schedule $round, Itinerary $plan, int $iterations, array $more): void
    {
        DB::table('round_searches')
            ->where('round_id', $this->round)
            ->update(
                [
                    'iterations' => $iterations,
                    'best_min' => round($plan->cost['total'], 2),
                    'services' => json_encode(RoundMap::stored($round, $plan->services), JSON_THROW_ON_ERROR),
                    'updated_at' => now(),
                ] + $more,
            );
    }
}
