<?php

declare(strict_types=1);

namespace App\YardState\Flow;

use App\Operation\CurrentOperation;
use App\Records\Tenant;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\ScaleReading;

/** The weights of a yard's hives: read by hand, sent by their scales, or read in from files. */
final readonly class WeightReader
{
    /** More readings of one hive are taken hour by hour: nothing that bees do is lost by that. */
    private const EACH = 6000;

    private const HOUR = 3600;

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
     * As they were read, for drawing: a moment's last counts.
     *
     * @return array<string, array{list<int>, list<float>}> moments and kg by hive, that with the most of them first
     */
    public function raw(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $of = [];
        foreach ($this->rows($yardId, $since, $until) as [$hive, $at, $kg]) {
            $of[$hive][(int) $at] = (float) $kg;
        }
        $raw = [];
        foreach ($of as $hive => $readings) {
            ksort($readings);
            $raw[(string) $hive] = [array_keys($readings), array_values($readings)];
        }
        uasort($raw, static fn (array $a, array $b): int => count($b[0]) <=> count($a[0]));

        return $raw;
    }

    /** @return list<string> ids of yards with a weight between these moments */
    public function yards(DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        $between = [self::text($since), self::text($until)];
        $byHand = DB::table('scale_weights')
            ->where('operation_id', $this->tenant->id())
            ->whereNull('deleted_at')
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

    /** @return iterable<array{string, string, string}> hive, moment (seconds), kg */
    private function rows(string $yardId, DateTimeImmutable $since, DateTimeImmutable $until): iterable
    {
        $span = [self::text($since), self::text($until)];
        $sql = 'select s.hive_id, timestampdiff(second, \'1970-01-01\', r.at), r.kg from hive_scales s join scale_readings r on r.hive_scale_id = s.id'
            .' left join scale_imports i on i.id = r.source'
            .' where s.apiary_id = ? and s.operation_id = ? and s.deleted_at is null and r.at between ? and ?'
            ." and (r.source = '' or (i.id is not null and i.deleted_at is null))"
            .' union all select w.hive_id, timestampdiff(second, \'1970-01-01\', w.at), w.kg from scale_weights w'
            .' where w.apiary_id = ? and w.operation_id = ? and w.deleted_at is null and w.hive_id is not null'
            .' and w.at between ? and ?';
        $statement = DB::connection()->getPdo()->prepare($sql);
        $statement->execute([$yardId, $this->tenant->id(), ...$span, $yardId, $this->tenant->id(), ...$span]);
        $statement->setFetchMode(\PDO::FETCH_NUM);
        /** @var array{string, string, string} $row */
        foreach ($statement as $row) {
            yield $row;
        }
    }

    /**
     * When boxes were put on these hives or taken off; of the day that is known, its noon.
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
