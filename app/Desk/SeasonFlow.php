<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\ScaleWeight;
use App\Operation\CurrentOperation;
use App\Support\SeasonCalendar;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;

/** The flow over the season: what the best of the scales gained, day by day. */
final readonly class SeasonFlow
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** @return array<string, float> kg a day by date */
    public function read(): array
    {
        $days = [];
        foreach ($this->readings() as $of) {
            foreach ((new Flow)->assess($of, [], $this->current->now())->gainKgByDate as $date => $gain) {
                $days[$date] = max($days[$date] ?? -INF, $gain ?? 0.0);
            }
        }
        ksort($days);

        return $days;
    }

    /** @return array<string, list<ScaleReading>> by yard and hive */
    private function readings(): array
    {
        $utc = new DateTimeZone('UTC');
        $first = SeasonCalendar::firstDay($this->current->season(), $this->current->get()->latitude < 0);
        $weights = ScaleWeight::query()
            ->toBase()
            ->whereBetween('at', [
                $first->format('Y-m-d'),
                $this->current->now()->setTimezone($utc)->format('Y-m-d H:i:s'),
            ])
            ->orderBy('at')
            ->get(['apiary_id', 'hive_id', 'at', 'kg']);
        $readings = [];
        foreach ($weights as $row) {
            $at = new DateTimeImmutable((string) $row->at, $utc);
            $readings["$row->apiary_id $row->hive_id"][] = new ScaleReading($at, (float) $row->kg);
        }

        return $readings;
    }
}
