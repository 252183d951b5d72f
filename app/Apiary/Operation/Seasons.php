<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Places\SeasonCalendar;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Season;
use DateTimeImmutable;
use Illuminate\Support\Collection;

/**
 * Reads where the operation is in its year: what its keeper said, else the calendar. A season nobody began begins by
 * itself some weeks after the first flow; one nobody closed ends with its year.
 */
final readonly class Seasons
{
    /** Supers are made ready that many days before the first flow. */
    private const READY_DAYS = 42;

    /** That many days after the first flow supers are on, whether or not anybody said so. */
    private const BEGUN_DAYS = 30;

    public function __construct(private CurrentOperation $current, private OperationCache $cache)
    {
    }

    public function now(): SeasonNow
    {
        return $this->cache->of('season-now', [], $this->make(...));
    }

    private function make(): SeasonNow
    {
        $today = $this->current->today();
        $season = $this->current->season();
        $start = self::local(SeasonCalendar::startOf($season, $this->south()), $today);
        $rows = Season::query()->get()->keyBy('season');
        $closings = $rows->pluck('closed_at')->filter()->map(
            static fn ($at): DateTimeImmutable => $at->toDateTimeImmutable(),
        );
        $isClosed = $rows->get($season)?->closed_at !== null;
        $firstFlow = $this->dayOf(PolicyOption::FirstFlow, $season);
        $hasPast = BoxPlace::withBinned()->where('since', '<', $start->format('Y-m-d'))->exists();
        $hasBegun = ! $hasPast || $rows->get($season)?->begun_at !== null
            || $today >= $firstFlow->modify('+'.self::BEGUN_DAYS.' days');

        return new SeasonNow(
            $season,
            $closings->push($start)->max() ?? $start,
            $hasBegun && ! $isClosed,
            $isClosed,
            match (true) {
                $hasPast && ! $hasBegun && $rows->get($season - 1)?->closed_at === null => $season - 1,
                $hasBegun && ! $isClosed && $today >= $this->dayOf(PolicyOption::WinterFrom, $season) => $season,
                default => null,
            },
            ! $hasBegun && ! $isClosed && $today >= $firstFlow->modify('-'.self::READY_DAYS.' days'),
            array_values($rows->filter(static fn (Season $one): bool => $one->closed_at !== null)
                ->map(static fn (Season $one): int => $one->season)
                ->all()),
        );
    }

    /** The day on which a yard's flow begins this year as a rule. */
    public function firstFlow(Apiary $apiary): DateTimeImmutable
    {
        $winter = Policy::of($this->current->get(), $apiary)->winter;

        return $this->inSeason($winter->firstFlow, $this->current->season());
    }

    /** The earliest day in a season that the policies of the yards name. */
    private function dayOf(PolicyOption $option, int $season): DateTimeImmutable
    {
        $days = $this->policies()->map(fn (Policy $one): DateTimeImmutable => $this->inSeason(
            $option === PolicyOption::FirstFlow ? $one->winter->firstFlow : $one->winter->from,
            $season,
        ));

        return $days->min() ?? $this->current->today();
    }

    /** @return Collection<int, Policy> of each yard; the operation's where there is none */
    private function policies(): Collection
    {
        $operation = $this->current->get();
        $of = Apiary::query()->get()->map(static fn (Apiary $one): Policy => Policy::of($operation, $one));

        return $of->isEmpty() ? new Collection([Policy::of($operation)]) : $of->toBase();
    }

    /** Month and day, as in the north, on the operation's own side of the earth. */
    private function inSeason(string $monthDay, int $season): DateTimeImmutable
    {
        $day = self::local(new DateTimeImmutable("$season-$monthDay"), $this->current->today());

        return $this->south() ? $day->modify('-6 months') : $day;
    }

    private function south(): bool
    {
        return $this->current->get()->latitude < 0.0;
    }

    private static function local(DateTimeImmutable $day, DateTimeImmutable $like): DateTimeImmutable
    {
        return new DateTimeImmutable($day->format('Y-m-d'), $like->getTimezone());
    }
}
