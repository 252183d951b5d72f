<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\Apiary;
use App\Operation\Policy;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;

/** The winter that a yard is in, or is being readied for; its simulations are kept as long as climate and dates stay. */
final readonly class WinterSeason
{
    private function __construct(public Winter $whole, public Winter $rest, public DateTimeImmutable $today)
    {
    }

    public static function of(Apiary $apiary, Policy $policy, DateTimeImmutable $today): self
    {
        // Core knows dates alone: days are counted the same in every time zone.
        $day = new DateTimeImmutable($today->format('Y-m-d'));
        [$from, $flow] = [$policy->text('winter_from'), $policy->text('first_flow')];
        if ($apiary->latitude < 0.0) {
            [$from, $flow] = [self::opposite($from), self::opposite($flow)];
        }
        $year = (int) $day->format('Y');
        $ends = new DateTimeImmutable("$year-$flow");
        if ($day > $ends) {
            $ends = $ends->modify('+1 year');
        }
        $starts = new DateTimeImmutable($ends->format('Y')."-$from");
        if ($starts >= $ends) {
            $starts = $starts->modify('-1 year');
        }
        $whole = new Winter($starts, $ends, 10.0, $apiary->climate, $apiary->climate_sd);

        return new self(
            $whole,
            $day <= $starts || $day >= $ends
                ? $whole
                : new Winter($day, $ends, 10.0, $apiary->climate, $apiary->climate_sd),
            $day,
        );
    }

    /** The winter before this one. */
    public function before(): Winter
    {
        return new Winter(
            $this->whole->from->modify('-1 year'),
            $this->whole->firstFlow->modify('-1 year'),
            $this->whole->firstFlowSdDays,
            $this->whole->monthlyMeanC,
            $this->whole->sdC,
        );
    }

    public function hasBegun(): bool
    {
        return $this->today > $this->whole->from;
    }

    /** What is used from today (or the start) to the first flow, for ten frames of bees. */
    public function use(): WinterUse
    {
        return self::kept('winter.4', $this->rest, static fn (Winter $winter): WinterUse => new WinterUse($winter));
    }

    public function paths(): UsePaths
    {
        return self::pathsOf($this->whole);
    }

    public static function pathsOf(Winter $winter): UsePaths
    {
        return self::kept('paths.2', $winter, static fn (Winter $one): UsePaths => new UsePaths($one));
    }

    /**
     * @template T of object
     *
     * @param  callable(Winter): T  $make
     * @return T
     */
    private static function kept(string $name, Winter $winter, callable $make): object
    {
        $key = $name.'.'.md5(serialize($winter));
        $known = Cache::get($key);
        if (is_object($known)) {
            /** @var T */
            return $known;
        }
        $made = $make($winter);
        Cache::put($key, $made, 86400 * 30);

        return $made;
    }

    /** Half a year away: month and day of the other hemisphere. */
    private static function opposite(string $monthDay): string
    {
        return (new DateTimeImmutable("2025-$monthDay"))->modify('+6 months')->format('m-d');
    }
}
