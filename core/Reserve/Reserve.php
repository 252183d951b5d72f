<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Normal;

/** What must stay on a hive for winter. Entry point of the module. */
final readonly class Reserve
{
    /** 1 kg of sugar in half a litre of water (2:1) gives this much syrup. */
    private const LITRES_PER_KG_SUGAR = 1.12;

    public function __construct(private ReserveAssumptions $assumptions = new ReserveAssumptions)
    {
    }

    /**
     * @param  float  $framesOfBees  1 to 40
     * @param  list<StoredBox>  $boxes
     * @param  float  $factor  how much more or less than usual this colony uses, 0.2 to 5
     * @param  float  $storesPerSugar  kg of stores that a kg of fed sugar becomes
     * @param  int  $boxRule  boxes that stay by the rule of the hand, brood boxes included, 1 to 10
     *
     * @throws InvalidInput when a value is out of range or the hive has no box
     */
    public function assess(
        WinterUse $use,
        float $framesOfBees,
        array $boxes,
        float $factor = 1.0,
        float $confidence = 0.95,
        float $storesPerSugar = 1.0,
        WinterSchool $school = WinterSchool::Computed,
        int $boxRule = 2,
    ): ReserveResult {
        InvalidInput::unlessWithin($framesOfBees, 1.0, 40.0, 'The frames of bees', '/colony/frames_of_bees');
        InvalidInput::unlessWithin($factor, 0.2, 5.0, 'The factor', '/factor');
        InvalidInput::unlessWithin($confidence, 0.5, 0.999, 'The confidence', '/confidence');
        InvalidInput::unlessWithin($storesPerSugar, 0.1, 2.0, 'The stores per kg of sugar', '/feed/sugar_to_stores');
        InvalidInput::unlessWithin($boxRule, 1, 10, 'The boxes that stay', '/boxes_kept');
        if ($boxes === []) {
            throw InvalidInput::because('The hive has no box.', 'one box or more', '/boxes');
        }
        $scale = WinterUse::scale($framesOfBees, $factor, $this->assumptions);
        $need = $scale * $use->quantile($confidence);

        return $this->result($use, $scale, $need, $school->keeps($boxes, $need, $boxRule), $boxes, $storesPerSugar);
    }

    /**
     * The same for boxes chosen by hand: what would be if these stayed.
     *
     * @param  list<StoredBox>  $boxes
     * @param  list<string>  $keep  ids of those that stay
     *
     * @throws InvalidInput when a value is out of range
     */
    public function ofKept(
        WinterUse $use,
        float $framesOfBees,
        array $boxes,
        array $keep,
        float $factor = 1.0,
        float $confidence = 0.95,
        float $storesPerSugar = 1.0,
    ): ReserveResult {
        InvalidInput::unlessWithin($framesOfBees, 1.0, 40.0, 'The frames of bees', '/colony/frames_of_bees');
        $scale = WinterUse::scale($framesOfBees, $factor, $this->assumptions);
        $kept = array_values(array_filter($boxes, static fn (StoredBox $box): bool => in_array($box->id, $keep, true)));

        return $this->result($use, $scale, $scale * $use->quantile($confidence), $kept, $boxes, $storesPerSugar);
    }

    /**
     * @param  list<StoredBox>  $kept
     * @param  list<StoredBox>  $boxes
     */
    private function result(
        WinterUse $use,
        float $scale,
        float $need,
        array $kept,
        array $boxes,
        float $storesPerSugar,
    ): ReserveResult {
        $stores = array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $kept));
        $sd = sqrt(array_sum(array_map(static fn (StoredBox $box): float => $box->sdKg ** 2, $kept)));
        $keep = array_map(static fn (StoredBox $box): string => $box->id, $kept);
        $others = array_values(
            array_filter($boxes, static fn (StoredBox $box): bool => ! in_array($box->id, $keep, true)),
        );
        $short = max(0.0, $need - $stores);
        $sugar = $short / $storesPerSugar;

        return new ReserveResult(
            $scale * $use->meanKg,
            $scale * $use->sdKg,
            $need,
            array_map(static fn (float $kg): float => $kg * $scale, $use->kgByMonth),
            $stores,
            $sd,
            $this->pEnough($use, $scale, $stores, $sd),
            $keep,
            array_map(static fn (StoredBox $box): string => $box->id, $others),
            max(0.0, $stores - $need),
            $short,
            $sugar,
            $sugar * self::LITRES_PER_KG_SUGAR,
        );
    }

    /** Probability that stores of this mean and standard deviation outlast the winter. */
    public function pEnough(WinterUse $use, float $scale, float $storesKg, float $sdKg): float
    {
        $sum = 0.0;
        $points = 200;
        for ($i = 0; $i < $points; $i++) {
            $need = $scale * $use->quantile(($i + 0.5) / $points);
            $sum += $sdKg > 0.0 ? Normal::cdf(($storesKg - $need) / $sdKg) : ($storesKg >= $need ? 1.0 : 0.0);
        }

        return $sum / $points;
    }
}
