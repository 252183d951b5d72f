<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** What a harvest took from a hive in one piece: a super, or one frame of it. */
final readonly class Taken
{
    /** A wet frame, by common practice 1.0 to 1.1 lb, and an empty super with its combs. */
    private const WET_FRAME_KG = 0.48;

    private const WET_SUPER_KG = 5.55;

    /** A finished frame of a shallow super, common practice: 3 to 4.5 lb. */
    private const FULL_FRAME_KG = 1.75;

    /** @param  int  $slot  0: the whole super */
    public function __construct(
        public DemoHive $hive,
        public string $box,
        public int $number,
        public float $estimateKg,
        public float $sdKg,
        public int $slot = 0,
    ) {
    }

    /**
     * The finished frames that stood in its middle, the outer of them lighter.
     *
     * @return list<self>
     */
    public function frames(int $slots): array
    {
        $count = max(1, min($slots - 2, (int) round($this->estimateKg / self::FULL_FRAME_KG)));
        $first = intdiv($slots - $count, 2) + 1;
        $weights = [];
        for ($slot = $first; $slot < $first + $count; $slot++) {
            $weights[$slot] = 1.0 - 0.4 * (abs(2 * $slot - $slots - 1) / ($slots - 1)) ** 2;
        }
        $one = fn (int $slot, float $weight): self => new self(
            $this->hive,
            $this->box,
            $this->number,
            round($this->estimateKg * $weight / array_sum($weights), 3),
            round($this->sdKg / sqrt(count($weights)), 3),
            $slot,
        );

        return array_map($one, array_keys($weights), array_values($weights));
    }

    public function wetKg(): float
    {
        return $this->slot === 0 ? self::WET_SUPER_KG : self::WET_FRAME_KG;
    }

    /** @return array<string, mixed> how it was marked and carried; nothing for a super */
    public function carried(int $nth): array
    {
        return $this->slot === 0 ? [] : [
            'mark' => "{$this->hive->code} $this->number/$this->slot",
            'carrier' => intdiv($nth, 10) + 1,
            'carrier_slot' => $nth % 10 + 1,
            'bees' => 'shaken',
        ];
    }
}
