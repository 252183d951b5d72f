<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Models\CalendarLink;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\Schedule;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Auth;
use Marjoram\Core\Clearing\Method;

/** The schedules side by side, the boards that are out, and the addresses for calendars. */
final readonly class SchedulesPage
{
    private const SHOWN = 20;

    public function __construct(private CurrentOperation $current)
    {
    }

    /** @return list<ScheduleState|BrokenSchedule> newest first */
    public function schedules(): array
    {
        $newest = Schedule::query()
            ->withCount('clearings')
            ->with('search')
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();

        return array_values($newest->map(ScheduleState::orBroken(...))->all());
    }

    public function isBroken(ScheduleState|BrokenSchedule $one): bool
    {
        return $one instanceof BrokenSchedule;
    }

    /** @return array<string, string|int> its words => what it comes to */
    public function figures(ScheduleState|BrokenSchedule $state, Formatter $format): array
    {
        if ($state instanceof BrokenSchedule) {
            return array_fill_keys([
                __('in all'),
                __('driving'),
                __('work'),
                __('late, rain, robbing'),
                __('not served'),
            ], '–');
        }
        $cost = $state->plan->cost;

        return [
            __('in all') => $format->minutes($cost->total()),
            __('driving') => $format->minutes($cost->travel),
            __('work') => $format->minutes($cost->work),
            __('late, rain, robbing') => $format->minutes($cost->late + $cost->weather + $cost->robbing),
            __('not served') => count($state->plan->notServed) ?: '–',
        ];
    }

    /** @return list<BoardsOut> where boards are and since when */
    public function boardsOut(): array
    {
        $today = $this->current->today();
        $clearings = Clearing::open()
            ->where('method', Method::EscapeBoard->value)
            ->with(['items', 'apiary'])
            ->orderBy('first_on')
            ->get();
        $out = fn (ClearingSuper $item): bool => $item->placed_at !== null && $item->collected_at === null;
        $found = $clearings->map(fn (Clearing $one): BoardsOut => new BoardsOut(
            $one,
            $one->items->filter($out)->pluck('hive_id')->unique()->count(),
            max(0, (int) $one->first_on->diffInDays($today->format('Y-m-d'))),
        ));

        return array_values($found->filter(fn (BoardsOut $one): bool => $one->boards > 0)->all());
    }

    /** @return Collection<int, CalendarLink> */
    public function links(): Collection
    {
        return CalendarLink::query()->where('user_id', Auth::id())->orderBy('name')->get();
    }
}
