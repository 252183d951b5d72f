<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Access\Tenant;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\ScaleReading;
use PDO;

/** The weights of a yard's hives: read by hand, sent by their scales, or read in from files. */
final readonly class WeightReader
{
    /** Beyond so many readings of a hive one an hour is used: bees change its weight more slowly. */
    private const EACH = 6000;

    private const HOUR = 3600;

    private const SECONDS_TO_1970 = 62167219200;

    public function __construct(private Tenant $tenant, private CurrentOperation $current)
    {
    }

    /**
     * @return array<string, HiveWeights> by hive, that with the most days first
     */
    public function of(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $raw = $this->raw($yardId, $since, $until);
        $logged = $this->logged(array_keys($raw), $since);
        $weights = [];
        foreach ($raw as $hive => [$at, $kg]) {
            $readings = [];
            $each = count($at) > self::EACH ? self::HOUR : 1;
            $last = null;
            foreach ($at as $i => $moment) {
                $of = intdiv($moment, $each);
                if ($of !== $last || ! isset($at[$i + 1])) {
                    $readings[] = new ScaleReading(new DateTimeImmutable("@$moment"), $kg[$i]);
                    $last = $of;
                }
            }
            $weights[$hive] = new HiveWeights($hive, $readings, $logged[$hive] ?? []);
        }
        uasort($weights, static fn (HiveWeights $a, HiveWeights $b): int => $b->days() <=> $a->days());

        return $weights;
    }

    /**
     * Returns the weights for drawing, the last one of each moment.
     *
     * @return array<string, array{list<int>, list<float>}> moments and kg by hive, that with the most of them first
     */
    public function raw(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $of = $this->byHand($yardId, $since, $until);
        foreach ($this->scales($yardId) as $scale => $hive) {
            $of[$hive] = $this->sent((string) $scale, $since, $until) + ($of[$hive] ?? []);
        }
        $raw = [];
        foreach (array_filter($of) as $hive => $readings) {
            ksort($readings);
            $raw[(string) $hive] = [array_keys($readings), array_map(floatval(...), array_values($readings))];
        }
        uasort($raw, static fn (array $a, array $b): int => count($b[0]) <=> count($a[0]));

        return $raw;
    }

    /** How many readings there are of a yard's hives. */
    public function count(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): int
    {
        $span = [self::text($since), self::text($until)];
        $scales = array_map(strval(...), array_keys($this->scales($yardId)));

        return DB::table('scale_readings')->whereIn('hive_scale_id', $scales)->whereBetween('at', $span)->count()
            + DB::query()
                ->fromSub($this->noted(), 'noted')
                ->where('apiary_id', $yardId)
                ->whereBetween('at', $span)
                ->count();
    }

    /** @return list<string> ids of yards with a weight between these moments */
    public function yards(DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $between = [self::text($since), self::text($until)];
        $byHand = DB::query()
            ->fromSub($this->noted(), 'noted')
            ->whereBetween('at', $between)
            ->distinct()
            ->pluck('apiary_id');
        $byScale = DB::table('hive_scales')
            ->where('operation_id', $this->tenant->id())
            ->whereNull('deleted_at')
            ->whereExists(static fn (Builder $some) => $some
                ->from('scale_readings')
                ->whereColumn('hive_scale_id', 'hive_scales.id')
                ->whereBetween('at', $between))
            ->pluck('apiary_id');

        return array_values(array_unique(array_filter([...$byHand, ...$byScale], is_string(...))));
    }

    /** @return array<array-key, string> hive by scale */
    private function scales(string $yardId): array
    {
        return DB::table('hive_scales')
            ->where('apiary_id', $yardId)
            ->where('operation_id', $this->tenant->id())
            ->whereNull('deleted_at')
            ->pluck('hive_id', 'id')
            ->all();
    }

    /**
     * Reads what a scale sent and what came from its files straight into an array: there may be 100,000 rows.
     *
     * @return array<int, string> kg by moment
     */
    private function sent(string $scale, DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $files = DB::table('scale_imports')
            ->where('hive_scale_id', $scale)
            ->whereNull('deleted_at')
            ->pluck('id')
            ->all();
        $sources = ['', ...$files];
        $marks = implode(', ', array_fill(0, count($sources), '?'));
        $statement = DB::connection()->getPdo()->prepare(
            'select to_seconds(at) - '.self::SECONDS_TO_1970.', kg from scale_readings'
                ." where hive_scale_id = ? and at between ? and ? and source in ($marks) order by at",
        );
        $statement->execute([$scale, self::text($since), self::text($until), ...$sources]);

        /** @var array<int, string> */
        return $statement->fetchAll(PDO::FETCH_KEY_PAIR);
    }

    /** Weights that a person noted, on a scale or for winter: of the whole hive. */
    private function noted(): Builder
    {
        return DB::table('scale_weights')
            ->where('operation_id', $this->tenant->id())
            ->whereNull('deleted_at')
            ->select(['apiary_id', 'hive_id', 'at', 'kg'])
            ->unionAll(DB::table('hive_weighings')
                ->join('hives', 'hives.id', '=', 'hive_weighings.hive_id')
                ->join('stands', 'stands.id', '=', 'hives.stand_id')
                ->where('hive_weighings.operation_id', $this->tenant->id())
                ->whereNull('hive_weighings.deleted_at')
                ->where('how', 'whole')
                ->selectRaw("apiary_id, hive_id, timestamp(weighed_on, '12:00') as at, json_value(readings, '$[0]') as kg"));
    }

    /** @return array<string, array<int, string>> kg by hive and moment */
    private function byHand(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $of = [];
        $rows = DB::query()
            ->fromSub($this->noted(), 'noted')
            ->where('apiary_id', $yardId)
            ->whereNotNull('hive_id')
            ->whereBetween('at', [self::text($since), self::text($until)])
            ->orderBy('at')
            ->selectRaw('hive_id, to_seconds(at) - '.self::SECONDS_TO_1970.' as moment, kg')
            ->get();
        foreach ($rows as $row) {
            $of[(string) $row->hive_id][(int) $row->moment] = (string) $row->kg;
        }

        return $of;
    }

    /**
     * Returns when boxes were put on these hives or taken off: noon of the day.
     *
     * @param  list<string>  $hiveIds
     * @return array<string, list<LoggedHandling>>
     */
    private function logged(array $hiveIds, DateTimeImmutable $since): array
    {
        $logged = [];
        $zone = new DateTimeZone($this->current->get()->time_zone);
        foreach (['since', 'until'] as $day) {
            $rows = DB::table('box_places')
                ->whereIn('hive_id', $hiveIds)
                ->whereNull('deleted_at')
                ->where($day, '>=', $since->format('Y-m-d'))
                ->distinct()
                ->get(['hive_id', "$day as day"]);
            foreach ($rows as $row) {
                $at = new DateTimeImmutable(substr((string) $row->day, 0, 10).' 12:00', $zone);
                $logged[$row->hive_id][$at->getTimestamp()] = new LoggedHandling($at);
            }
        }

        return array_map(array_values(...), $logged);
    }

    private static function text(DateTimeImmutable $at): string
    {
        return $at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
