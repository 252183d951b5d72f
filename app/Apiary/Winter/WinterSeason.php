<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Operation\MonthDay;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\WinterPolicy;
use App\Models\Apiary;
use DateTimeImmutable;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;

/**
 * The winter that a yard is in, or is being readied for; its simulations are kept as long as climate and dates stay.
 */
final readonly class WinterSeason
{
    /** Common practice: late summer, after the last supers and before the bees stop taking syrup. */
    private const FEED_DAYS = 70;

    private function __construct(
        public Winter $whole,
        public Winter $rest,
        public DateTimeImmutable $today,
        private OperationCache $cache,
    ) {
    }

    public static function of(
        Apiary $apiary,
        WinterPolicy $policy,
        DateTimeImmutable $today,
        OperationCache $cache,
    ): self {
        // Core knows dates alone: days are counted the same in every time zone.
        $day = new DateTimeImmutable($today->format('Y-m-d'));
        [$from, $flow] = [$policy->from, $policy->firstFlow];
        if ($apiary->latitude < 0.0) {
            [$from, $flow] = [MonthDay::opposite($from), MonthDay::opposite($flow)];
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
            $cache,
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

    /** The day from which hives are fed for this winter: before it supers are on, and flows may still come. */
    public function feedFrom(): DateTimeImmutable
    {
        return $this->whole->from->modify('-'.self::FEED_DAYS.' days');
    }

    /** Feeding is asked for from then on, not while the season is at its height. */
    public function isTimeToFeed(): bool
    {
        return $this->today >= $this->feedFrom();
    }

    /** What is used from today (or the start) to the first flow, for ten frames of bees. */
    public function use(float $factorSd): WinterUse
    {
        // Hundredths are enough, and many hives then share a winter.
        $doubt = round($factorSd, 2);

        return $this->cache->of(
            'winter',
            null,
            fn (): WinterUse => new WinterUse($this->rest, $doubt),
            [$this->rest, $doubt],
        );
    }

    public function paths(): UsePaths
    {
        return $this->pathsOf($this->whole);
    }

    public function pathsOf(Winter $winter): UsePaths
    {
        return $this->cache->of('paths', null, static fn (): UsePaths => new UsePaths($winter), $winter);
    }
}
