<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Places\GroundDistance;
use App\Models\Apiary;
use App\Models\Drive;
use App\Models\Schedules\Point;

/** What the drives between yards and honey room take: as the keeper knows it, else calculated from where they are. */
final readonly class Drives
{
    /** Country roads: so much longer than the bird flies, so fast, and so long to park and gate. */
    public const DETOUR = 1.3;

    public const KM_PER_HOUR = 50.0;

    public const STOP_MIN = 3.0;

    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @param  list<Apiary>  $places  a yard may stand in it twice: it is no drive from itself
     * @return list<list<float>> minutes, the honey room first
     */
    public function minutes(array $places): array
    {
        $own = $this->own();
        $home = $this->depot();
        $at = [null, ...$places];
        $known = static fn (?Apiary $from, ?Apiary $to): float => $own[self::key($from, $to)]
            ?? self::calculated($from, $to, $home);
        // Where the keeper knows a way home to be shorter than the map says, it is the shorter one to others too.
        $drive = static fn (?Apiary $from, ?Apiary $to): float => isset($own[self::key($from, $to)])
            ? $known($from, $to)
            : min($known($from, $to), $known($from, null) + $known(null, $to));
        $row = static fn (?Apiary $from): array => array_map(
            static fn (?Apiary $to): float => $drive($from, $to),
            $at,
        );

        return array_map($row, $at);
    }

    /** @return array<string, float> by both ends */
    public function own(): array
    {
        $own = [];
        foreach (Drive::query()->get() as $drive) {
            $own[self::pair($drive->apiary_id, $drive->other_id ?? '')] = $drive->minutes;
        }

        return $own;
    }

    /** What the way between two places would take by their coordinates; null is the honey room. */
    public static function calculated(?Apiary $from, ?Apiary $to, Point $home): float
    {
        if ($from?->id === $to?->id) {
            return 0.0;
        }
        $at = static fn (?Apiary $yard): array => $yard === null
            ? [$home->latitude, $home->longitude]
            : [$yard->latitude, $yard->longitude];
        $km = GroundDistance::km($at($from), $at($to));

        return round($km * self::DETOUR / self::KM_PER_HOUR * 60.0 + self::STOP_MIN, 1);
    }

    public static function key(?Apiary $from, ?Apiary $to): string
    {
        return self::pair($from === null ? '' : $from->id, $to === null ? '' : $to->id);
    }

    private static function pair(string $a, string $b): string
    {
        return $a < $b ? "$a $b" : "$b $a";
    }

    /** Where the drives begin: the honey room, or in the middle of all yards where its place is not known. */
    public function depot(): Point
    {
        $operation = $this->current->get();
        if ($operation->longitude !== null) {
            return new Point($operation->latitude, $operation->longitude);
        }
        $yards = Apiary::query()->get();

        return new Point((float) $yards->avg('latitude'), (float) $yards->avg('longitude'));
    }
}
