<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use DateTimeImmutable;
use Marjoram\Core\HoneyRoom\Allotted;
use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\Numerics\SeededRandom;

/** Plays the seasons: colonies and queens, what each hive brings, supers taken, buckets weighed, honey allotted. */
final class History
{
    /** Invented lines: log merit of a line next to the mean, and the spread of its queens. */
    private const LINES = ['L2' => [0.16, 0.14], 'L3' => [0.0, 0.14], 'B4' => [-0.14, 0.12]];

    private int $queens = 0;

    /** @var array<string, list<array{int, string, float}>> queens of each line: year, id, merit */
    private array $bred = [];

    private int $boxes = 0;

    public function __construct(private readonly Rows $rows, private readonly SeededRandom $random)
    {
    }

    public function settle(Yard $yard, int $number, int $season, string $stackSince): DemoHive
    {
        $hive = new DemoHive($yard->letter.$number);
        $stand = $this->rows->add('stands', ['apiary_id' => $yard->id, 'number' => $number]);
        $hive->id = $this->rows->add('hives', [
            'stand_id' => $stand,
            'code' => $hive->code,
            'excluder' => ! ($yard->letter === 'S' && $number === 5),
        ]);
        $hive->since = $season;
        $this->queen($hive, $season - 1);
        $hive->colonyId = $this->rows->add('colonies', [
            'hive_id' => $hive->id,
            'queen_id' => $hive->queenId,
            'started_on' => "$season-04-10",
        ]);
        $this->fact($hive, 'settled', "$season-04-10");
        $broods = str_contains($yard->broodKind, 'dadant') ? 1 : ($number % 3 === 0 ? 1 : 2);
        for ($i = 0; $i < $broods; $i++) {
            $hive->brood[] = $box = $this->box($yard->broodKind, 'B');
            $this->rows->add('box_places', [
                'box_id' => $box,
                'hive_id' => $hive->id,
                'position' => $i,
                'role' => 'brood',
                'since' => $stackSince,
            ]);
        }

        return $yard->hives[$hive->code] = $hive;
    }

    public function box(string $kind, string $letter): string
    {
        $this->boxes++;

        return $this->rows->add('boxes', ['kind' => $kind, 'mark' => sprintf('%s%03d', $letter, $this->boxes)]);
    }

    /** A season of one yard up to its last harvest before $until; returns nothing: all is in the rows. */
    public function season(Yard $yard, int $season, string $until): void
    {
        $crops = [
            'spring' => ["$season-06-09", $yard->spring[$season] ?? 0.0],
            'summer' => [$yard->heather ? "$season-09-05" : "$season-08-12", $yard->summer[$season] ?? 0.0],
        ];
        $factors = array_map(fn (DemoHive $hive): float => $this->yearOf($hive, $season), $yard->hives);
        foreach ($crops as $name => [$date, $mean]) {
            if ($mean > 0.0 && $date <= $until) {
                $this->harvest(
                    $yard,
                    $season,
                    $name,
                    $date,
                    array_map(static fn (float $factor): float => $mean * $factor, $factors),
                );
            }
        }
    }

    /** What happens to the colony this year, and how its crop compares with the yard's mean. */
    private function yearOf(DemoHive $hive, int $season): float
    {
        $factor = exp($hive->merit + $this->random->normal(0.0, 0.22));
        if ($hive->since === $season) {
            $factor *= 0.55;
        }
        if ($season > $hive->since && $this->random->chance(0.11)) {
            $this->fact($hive, 'swarmed', "$season-05-28");
            $factor *= 0.6;
        } elseif ($season > $hive->since && $this->random->chance(0.1)) {
            $this->fact($hive, 'split', "$season-05-18");
            $factor *= 0.72;
        }
        if ($season - $hive->queenYear >= 3 || ($season > $hive->since && $this->random->chance(0.14))) {
            $this->queen($hive, $season);
            $this->rows->set('colonies', $hive->colonyId, 'queen_id', $hive->queenId);
            $this->fact($hive, 'requeened', "$season-06-20");
        }

        return $factor;
    }

    private function queen(DemoHive $hive, int $year): void
    {
        $lines = array_keys(self::LINES);
        $line = $lines[$this->random->integer(0, 2)];
        [$mean, $sd] = self::LINES[$line];
        $this->queens++;
        $hive->line = $line;
        $hive->queenYear = $year;
        $hive->merit = $this->random->normal($mean, $sd);
        $hive->queenCode = sprintf('%s-%02d-%02d', $line, $year % 100, $this->queens);
        $hive->queenId = $this->rows->add('queens', [
            'code' => $hive->queenCode,
            'line' => $line,
            'year' => $year,
            'mother_id' => $this->mother($line, $year),
        ]);
        $this->bred[$line][] = [$year, $hive->queenId, $hive->merit];
    }

    /** The best of her line of the three years before is bred from; the first of a line have no known one. */
    private function mother(string $line, int $year): ?string
    {
        $best = null;
        foreach ($this->bred[$line] ?? [] as $one) {
            if ($one[0] < $year && $one[0] >= $year - 3 && ($best === null || $one[2] > $best[2])) {
                $best = $one;
            }
        }

        return $best[1] ?? null;
    }

    private function fact(DemoHive $hive, string $kind, string $date): void
    {
        $this->rows->add('colony_facts', [
            'colony_id' => $hive->colonyId,
            'kind' => $kind,
            'happened_on' => $date,
            'hive_id' => $hive->id,
            'queen_id' => $hive->queenId,
        ]);
    }

    /** @param  array<string, float>  $crops true kg by hive code */
    private function harvest(Yard $yard, int $season, string $name, string $date, array $crops): void
    {
        $harvest = $this->rows->add('harvests', [
            'apiary_id' => $yard->id,
            'season' => $season,
            'name' => ucfirst($name).' '.$season,
            'taken_on' => $date,
        ]);
        $lot = $this->rows->add('lots', [
            'harvest_id' => $harvest,
            'code' => sprintf('L%02d-%s%d', $season % 100, $yard->letter, $name === 'spring' ? 1 : 2),
            'loss_kg' => 0.4,
        ]);
        $fill = 1.0 + $this->random->normal(0.0, 0.07);
        $shares = [];
        $taken = [];
        $true = 0.0;
        foreach ($yard->hives as $code => $hive) {
            $kg = $crops[$code] < 4.0 ? 0.0 : $crops[$code];
            $count = (int) ceil($kg / 16.0);
            for ($i = 0; $i < $count; $i++) {
                $held = $kg / $count;
                $estimate = round($held * $fill * (1.0 + $this->random->normal(0.0, 0.04)), 3);
                $box = $this->superOf($hive, $yard, $i, $season, $date);
                $super = new Taken($hive, $box, $i + 1, $estimate, round(0.045 * $estimate, 3));
                foreach ($yard->byFrame($season) ? $super->frames($yard->superFrames()) : [$super] as $one) {
                    $taken[] = $one;
                    $shares[] = SuperShare::estimated((string) count($shares), $code, $one->estimateKg, $one->sdKg);
                }
                $true += $held;
            }
        }
        $buckets = $this->buckets($lot, $true - 0.4, $date);
        $result = (new Allotting)->allot($shares, $buckets, 0.4);
        foreach ($taken as $i => $one) {
            $this->taken($one, $i, $harvest, $result->supers[$i], new DateTimeImmutable($date));
        }
    }

    private function taken(Taken $one, int $nth, string $harvest, Allotted $got, DateTimeImmutable $day): void
    {
        // In the last two seasons every fourth super was weighed by itself as well, of frames every eighth.
        $year = (int) $day->format('Y');
        $isWeighed = $year >= 2025 && $nth % ($one->slot === 0 ? 4 : 8) === 0;
        $id = $this->rows->add(
            'taken_supers',
            [
                'harvest_id' => $harvest,
                'box_id' => $one->box,
                'slot' => $one->slot,
                'hive_id' => $one->hive->id,
                'colony_id' => $one->hive->colonyId,
                'queen_id' => $one->hive->queenId,
                'estimate_kg' => $one->estimateKg,
                'own_sd_kg' => $one->sdKg,
                'allotted_kg' => round($got->kg, 3),
                'allotted_sd_kg' => round($got->sdKg, 3),
                'station' => 'stored',
                'used_for' => 'extract',
            ] +
                $one->carried($nth) +
                ($isWeighed
                    ? [
                        'before_kg' => round($one->wetKg() + $got->kg * (1.0 + 0.05 * sin(2.4 * $nth + $year)), 2),
                        'after_kg' => $one->wetKg(),
                    ]
                    : []),
        );
        if ($one->slot > 0) {
            $next = $day->modify('+1 day')->format('Y-m-d');
            $this->rows->add('frame_moves', [
                'why' => 'stored',
                'moved_on' => $next,
                'made_at' => "$next 17:30:00",
                'taken_super_id' => $id,
            ]);
        }
    }

    private function superOf(DemoHive $hive, Yard $yard, int $index, int $season, string $date): string
    {
        $box = $hive->supers[$index] ??= $this->box($yard->superKind, 'M');
        $since = str_contains($date, '-06-') ? "$season-05-02" : "$season-06-10";
        $this->rows->add('box_places', [
            'box_id' => $box,
            'hive_id' => $hive->id,
            'position' => count($hive->brood) + $index,
            'role' => 'super',
            'since' => $since,
            'until' => $date,
        ]);

        return $box;
    }

    /** @return list<WeighedBucket> */
    private function buckets(string $lot, float $kg, string $date): array
    {
        $buckets = [];
        for ($number = 1; $kg > 0.05; $number++) {
            $net = min($kg, 26.0 + $this->random->normal(0.0, 0.6));
            $tare = round(1.15 + $this->random->normal(0.0, 0.03), 2);
            $bucket = new WeighedBucket(round($net + $tare, 2), $tare);
            $this->rows->add('buckets', [
                'lot_id' => $lot,
                'number' => $number,
                'gross_kg' => $bucket->grossKg,
                'tare_kg' => $tare,
                'weighed_at' => "$date 16:00:00",
            ]);
            $buckets[] = $bucket;
            $kg -= $net;
        }

        return $buckets;
    }
}
