<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\JudgedSuper;
use App\Models\Clearing;
use DateTimeImmutable;
use Marjoram\Core\Clearing\HiveToClear;
use Marjoram\Core\Comb\Kilograms;

/** Supers of a yard that may come off, those already on their way, and the dates that limit when. */
final readonly class YardComing
{
    /**
     * @param  array<string, list<JudgedSuper>>  $now  ripe and free of the winter share, by hive code
     * @param  array<string, list<JudgedSuper>>  $later  to wait, and free of the winter share when they are ripe
     * @param  list<Clearing>  $clearings  not in the honey room yet
     * @param  ?DateTimeImmutable  $treatment  supers off by, from the label
     * @param  ?DateTimeImmutable  $flowEnds  when the flow ended, or the harvest under way is to end
     * @param  ?DateTimeImmutable  $offAfterFlow  by when they should be off after that
     */
    public function __construct(
        public YardOverview $overview,
        public array $now,
        public array $later,
        public array $clearings,
        public ?DateTimeImmutable $treatment,
        public ?DateTimeImmutable $flowEnds,
        public ?DateTimeImmutable $offAfterFlow,
    ) {
    }

    /** @return list<JudgedSuper> */
    public function supers(): array
    {
        return array_merge([], ...array_values($this->now));
    }

    /** @return list<string> ids of the boxes that are on a clearing already */
    public function planned(): array
    {
        return self::boxesOn($this->clearings);
    }

    /**
     * @param  list<Clearing>  $clearings
     * @return list<string> ids
     */
    public static function boxesOn(array $clearings): array
    {
        $boxes = [];
        foreach ($clearings as $clearing) {
            foreach ($clearing->items as $item) {
                $boxes[] = $item->box_id;
            }
        }

        return $boxes;
    }

    public function mass(): Kilograms
    {
        return JudgedSuper::sum($this->supers());
    }

    /** Load of the truck: honey and boxes. */
    public function grossKg(): float
    {
        return array_sum(array_map(static fn (JudgedSuper $one): float => $one->grossKg, $this->supers()));
    }

    /** Frames of them that are ripe by themselves. */
    public function frames(): int
    {
        return array_sum(array_map(static fn (JudgedSuper $one): int => $one->ripeFrames, $this->supers()));
    }

    public function heaviestKg(): float
    {
        $gross = array_map(static fn (JudgedSuper $one): float => $one->grossKg, $this->supers());

        return $gross === [] ? 0.0 : max($gross);
    }

    /** @return list<HiveToClear> */
    public function hivesToClear(): array
    {
        $hives = [];
        foreach ($this->now as $code => $supers) {
            $hives[] = self::hiveToClear($this->overview->hives[$code], $supers);
        }

        return $hives;
    }

    /** @param  list<JudgedSuper>  $supers */
    private static function hiveToClear(HiveOverview $hive, array $supers): HiveToClear
    {
        $ids = array_map(static fn (JudgedSuper $one): string => $one->id, $supers);
        $brood = array_filter($supers, static fn (JudgedSuper $one): bool => $one->hasBrood);

        $ripe = array_sum(array_map(static fn (JudgedSuper $one): int => $one->ripeFrames, $supers));

        return new HiveToClear(
            $hive->code,
            count($supers),
            $brood !== [],
            $hive->excluder,
            $hive->toMoveBelow($ids),
            $ripe > 0 ? $ripe : null,
        );
    }
}
