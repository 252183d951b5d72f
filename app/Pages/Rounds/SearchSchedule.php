<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Server\WallClock;
use App\Models\Operation;
use App\Models\Role;
use App\Models\Schedule;
use App\Models\ScheduleSearch;
use App\Models\SearchState;
use App\Words\Wording;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\Planner;
use Throwable;

/** The search for a schedule, in the background: writes the best so far, and stops when it is told. */
final class SearchSchedule implements ShouldQueue
{
    use Queueable;

    private const WRITE_EVERY_NS = 4e8;

    /** Retried if its worker was killed; an error of the search itself is not retried. */
    public int $tries = 3;

    public int $maxExceptions = 1;

    /** Retries when other writes hold the rows. */
    private const TRIES = 3;

    public int $timeout = 110;

    public function __construct(
        public readonly string $operation,
        public readonly string $schedule,
        public readonly int $seconds,
    ) {
    }

    public function handle(CurrentOperation $current, ScopeVersions $versions): void
    {
        $current->enter(Operation::query()->findOrFail($this->operation), Role::Owner);
        $schedule = Schedule::query()->findOrFail($this->schedule);
        $this->search()->where('state', SearchState::Waiting)->update(['state' => SearchState::Planning]);
        $planner = new Planner($schedule->toCore(), 1, $this->progress(...));
        $plan = $planner->plan(new WallClock($this->seconds * 1000, $this->isStopped(...)));
        DB::transaction(function () use ($plan, $planner, $schedule, $versions): void {
            $this->write($plan, $planner->iterations(), SearchState::Done);
            // The result is saved without the audit trail, which has changes by persons only.
            activity()->withoutLogs(fn () => $schedule->refresh()->update(['visits' => $plan->visits]));
            $versions->touch(ScopeVersions::ELSEWHERE);
            $versions->raise();
        }, self::TRIES);
        $current->leave();
    }

    public function failed(?Throwable $why): void
    {
        $words = $why instanceof InvalidInput
            ? app(Wording::class)->refusal($why)
            : __('The search broke off. Search again. If it breaks off again, use fewer yards or days.');
        $this->search()->update(['state' => SearchState::Failed, 'reason' => mb_substr($words, 0, 500)]);
    }

    private float $written = 0.0;

    private function progress(Itinerary $plan, int $iterations): void
    {
        $now = (float) hrtime(true);
        if ($now - $this->written > self::WRITE_EVERY_NS) {
            $this->written = $now;
            DB::transaction(fn () => $this->write($plan, $iterations), self::TRIES);
        }
    }

    /** Saves how far the search is, since most of it finds nothing better, and tells whether a person stopped it. */
    private function isStopped(int $iterations): bool
    {
        $this->search()->update(['iterations' => $iterations]);

        return $this->search()->value('state') === SearchState::Stopping;
    }

    private function write(Itinerary $plan, int $iterations, ?SearchState $state = null): void
    {
        $search = ScheduleSearch::query()->findOrFail($this->schedule);
        $search->update([
            'iterations' => $iterations,
            'best_min' => round($plan->cost->total(), 2),
            'visits' => $plan->visits,
        ] + ($state === null ? [] : ['state' => $state]));
    }

    /** @return \Illuminate\Database\Eloquent\Builder<ScheduleSearch> */
    private function search(): \Illuminate\Database\Eloquent\Builder
    {
        return ScheduleSearch::query()->whereKey($this->schedule);
    }
}
