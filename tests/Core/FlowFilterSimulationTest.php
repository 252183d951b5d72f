<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Filter\FlightDay;
use Marjoram\Core\Flow\Filter\FlowFilter;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\TestCase;
use Tests\Support\Depth;

/**
 * Both models of the flow on seasons that neither was made from: blooms as smooth curves times hours of flight in
 * weather that goes on for days, a colony that grows, rain on the hive, boxes on and honey off, signs noted as people
 * do. What is true is known: whether more than 2 kg are still to come in a fortnight.
 */
final class FlowFilterSimulationTest extends TestCase
{
    private const SEASONS = 30;

    /** Enough for the claim; all of them in bin/test --deep. */
    private const USUAL_SEASONS = 12;

    private const DAYS = 95;

    private SeededRandom $random;

    /** @var list<float> */
    private array $kg = [];

    /** @var list<FlightDay> */
    private array $weather = [];

    /** @var list<float> what bees brought */
    private array $gains = [];

    /** @var list<float> the share of full flight that was really flown */
    private array $flown = [];

    /** @var list<LoggedHandling> */
    private array $logged = [];

    /** @var list<Evidence> */
    private array $signs = [];

    public function test_the_filter_is_nearer_to_what_comes_than_the_rule(): void
    {
        $this->random = new SeededRandom(1515);
        $filter = $rule = $coldFilter = $coldRule = [];
        $bins = $late = $lateRule = [];
        $ended = 0;
        $seasons = Depth::of(self::USUAL_SEASONS, self::SEASONS);
        for ($season = 0; $season < $seasons; $season++) {
            $this->season();
            $end = $this->end();
            $ended += $end === null ? 0 : 1;
            $found = $foundRule = null;
            for ($day = 20 + $season % 4; $day < self::DAYS - 15; $day += 4) {
                if (max(array_slice($this->sums(), 0, $day)) < 3.0) {
                    continue;
                }
                $isOver = $this->isOver($day) ? 1.0 : 0.0;
                [$byFilter, $byRule] = $this->said($day);
                if ($end !== null && $day >= $end) {
                    $found ??= $byFilter > 0.8 ? $day - $end : null;
                    $foundRule ??= $byRule > 0.8 ? $day - $end : null;
                }
                $filter[] = ($byFilter - $isOver) ** 2;
                $rule[] = ($byRule - $isOver) ** 2;
                $bins[min(4, (int) (5 * $byFilter))][] = [$byFilter, $isOver];
                if ($isOver === 0.0 && array_sum(array_slice($this->flown, $day - 2, 3)) < 1.0) {
                    $coldFilter[] = $byFilter > 0.8 ? 1 : 0;
                    $coldRule[] = $byRule > 0.8 ? 1 : 0;
                }
            }
            $late[] = $found;
            $lateRule[] = $foundRule;
        }
        ksort($bins);
        $table = array_map(static fn (array $bin): string => sprintf(
            '%.2f: %.2f (%d)',
            array_sum(array_column($bin, 0)) / count($bin),
            array_sum(array_column($bin, 1)) / count($bin),
            count($bin),
        ), $bins);
        fwrite(STDERR, sprintf(
            ' [flow, %d days of %d seasons: Brier %.3f, the rule %.3f; said: true %s; in cold spells amid the flow over .8 %d, the rule %d of %d; '
                .'days to see the end (of %d): %s, the rule %s] ',
            count($filter),
            $seasons,
            $mean = array_sum($filter) / count($filter),
            $byRule = array_sum($rule) / count($rule),
            implode(', ', $table),
            array_sum($coldFilter),
            array_sum($coldRule),
            count($coldFilter),
            $ended,
            self::days($late),
            self::days($lateRule),
        ));
        self::assertGreaterThan(4 * $seasons, count($filter));
        self::assertLessThan(0.8 * $byRule, $mean);
        self::assertLessThanOrEqual(array_sum($coldRule), array_sum($coldFilter));
        // The surest say what is so: of those over four fifths most are over, of those under one fifth few.
        self::assertGreaterThan(0.7, array_sum(array_column($bins[4], 1)) / count($bins[4]));
        self::assertLessThan(0.25, array_sum(array_column($bins[0], 1)) / count($bins[0]));
    }

    /** The first day from which no more than 2 kg are to come, to the end of what is looked at; null where there is none. */
    private function end(): ?int
    {
        $end = null;
        for ($day = self::DAYS - 16; $day >= 20 && $this->isOver($day); $day--) {
            $end = $day;
        }

        return $end;
    }

    /**
     * @param  list<?int>  $late
     */
    private static function days(array $late): string
    {
        $known = array_values(array_filter($late, static fn (?int $one): bool => $one !== null));
        sort($known);

        return $known === []
            ? 'never'
            : sprintf('%d at the median of %d that see it', $known[intdiv(count($known), 2)], count($known));
    }

    private function season(): void
    {
        $this->kg = $this->weather = $this->gains = $this->flown = $this->logged = $this->signs = [];
        $blooms = [];
        for ($n = 0; $n < 1 + $this->random->integer(0, 1); $n++) {
            $blooms[] = [
                24.0 + 26.0 * $n + $this->random->normal(0.0, 4.0),
                6.0 + 5.0 * $this->random->uniform(),
                2.0 + 4.0 * $this->random->uniform(),
            ];
        }
        $air = $wet = 0.0;
        $weight = 38.0 + 6.0 * $this->random->uniform();
        $boxOn = $this->random->integer(22, 34);
        $honeyOff = $this->random->integer(70, 85);
        for ($day = 0; $day < self::DAYS; $day++) {
            $air = 0.72 * $air + $this->random->normal(0.0, 0.7);
            $maxC = 21.0 + 4.0 * $air;
            $rain = $air < -0.6 && $this->random->uniform() < 0.6 ? 8.0 * $this->random->uniform() : 0.0;
            $sun = max(0.0, min(1.0, 0.55 + 0.3 * $air));
            $this->weather[] = new FlightDay($maxC, $rain, null, $sun);
            $hours = max(0.0, min(1.0, ($maxC - 11.0) / 9.0)) * ($rain > 1.0 ? 0.5 : 1.0) * (0.7 + 0.3 * $sun);
            $nectar = 0.0;
            foreach ($blooms as [$middle, $width, $peak]) {
                $nectar += $peak * exp(-0.5 * (($day - $middle) / $width) ** 2);
            }
            $colony = 0.7 + 0.3 * min(1.0, $day / 45.0);
            $gain = $nectar * $hours * $colony * exp($this->random->normal(0.0, 0.15)) - 0.22 - 0.06 * $colony;
            $this->gains[] = $gain;
            $this->flown[] = $hours;
            $weight += $gain + $this->handled($day, $boxOn, $honeyOff);
            $wetNow = $rain > 2.0 ? 0.3 : 0.0;
            $this->kg[] = $weight + $wetNow + $this->random->normal(0.0, 0.08);
            $this->sign($day, $nectar, $gain, $hours);
        }
    }

    private function handled(int $day, int $boxOn, int $honeyOff): float
    {
        $kg = match ($day) {
            $boxOn => 6.2,
            $honeyOff => -15.0,
            default => 0.0,
        };
        if ($kg !== 0.0 && $this->random->uniform() < 0.6) {
            $this->logged[] = new LoggedHandling(self::at($day, 15), $this->random->uniform() < 0.5 ? $kg : null);
        }

        return $kg;
    }

    private function sign(int $day, float $nectar, float $gain, float $hours): void
    {
        if ($this->random->uniform() < 0.08) {
            $this->signs[] = new Evidence(Sign::MainBloom, $nectar < 0.5 && $day > 25 ? 'finished' : 'on', self::at($day, 16));
        }
        if ($this->random->uniform() < 0.06 && $hours > 0.3) {
            $isRobbed = $this->random->uniform() < ($gain < 0.2 ? 0.75 : 0.1);
            $this->signs[] = new Evidence(Sign::RobbingTest, $isRobbed ? 'robbed' : 'ignored', self::at($day, 13));
        }
        if ($this->random->uniform() < ($gain > 0.8 ? 0.05 : 0.01)) {
            $this->signs[] = new Evidence(Sign::NewWax, 'seen', self::at($day, 17));
        }
        if ($this->random->uniform() < ($nectar < 0.3 ? 0.04 : 0.005)) {
            $this->signs[] = new Evidence(Sign::EatingCapped, 'seen', self::at($day, 17));
        }
    }

    /** @return list<float> */
    private function sums(): array
    {
        $sums = [];
        $sum = 0.0;
        foreach ($this->gains as $gain) {
            $sums[] = $sum += $gain;
        }

        return $sums;
    }

    private function isOver(int $day): bool
    {
        $sums = $this->sums();

        return max(array_slice($sums, $day + 1, 14)) - $sums[$day] <= 2.0;
    }

    /** @return array{float, float} what the filter and the rule say on the evening of a day */
    private function said(int $day): array
    {
        $now = self::at($day, 22);
        $readings = array_map(
            static fn (int $n, float $kg): ScaleReading => new ScaleReading(self::at($n, 21), $kg),
            array_keys(array_slice($this->kg, 0, $day + 1)),
            array_slice($this->kg, 0, $day + 1),
        );
        $weather = [];
        foreach (array_slice($this->weather, 0, $day + 1) as $n => $one) {
            $weather[self::at($n, 12)->format('Y-m-d')] = $one;
        }
        $signs = array_values(array_filter($this->signs, static fn (Evidence $one): bool => $one->at <= $now));
        $logged = array_values(array_filter($this->logged, static fn (LoggedHandling $one): bool => $one->at <= $now));
        $days = array_map(static fn (LoggedHandling $one): DateTimeImmutable => $one->at, $logged);
        $zone = new DateTimeZone('UTC');

        return [
            (new FlowFilter)->assess($readings, $logged, $weather, $signs, $now, $zone)->pOver,
            (new Flow)->assess($readings, $signs, $now, $days)->pOver,
        ];
    }

    private static function at(int $day, int $hour): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-04-20 00:00:00', new DateTimeZone('UTC')))->modify("+$day days +$hour hours");
    }
}
