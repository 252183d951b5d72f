<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;

/** What must stay on a hive for winter. Entry point of the module. */
final readonly class Reserve
{
    /** 1 kg of sugar in half a litre of water (2:1) gives this much syrup. */
    private const LITRES_PER_KG_SUGAR = 1.12;

    public function __construct(private ReserveAssumptions $assumptions = new ReserveAssumptions)
    {
    }

    /**
     * @param  list<StoredBox>  $boxes  from the floor up
     * @param  float  $confidence  0.5 to 0.999
     * @param  float  $storesPerSugar  kg of stores that a kg of fed sugar becomes, 0.1 to 2
     * @param  int  $boxRule  boxes that stay by the rule of the hand, brood boxes included, 1 to 10
     *
     * @throws InvalidInput when a value is out of range or the hive has no box
     */
    public function assess(
        ColonyNeed $need,
        array $boxes,
        float $confidence = 0.95,
        float $storesPerSugar = 1.0,
        WinterSchool $school = WinterSchool::Computed,
        int $boxRule = 2,
    ): ReserveResult {
        InvalidInput::unlessWithin($boxRule, 1, 10, 'The boxes that stay', '/boxes_kept');
        if ($boxes === []) {
            throw InvalidInput::because('The hive has no box.', 'one box or more', '/boxes');
        }
        $kept = $school->keeps($boxes, $need, $confidence, $boxRule, $this->assumptions);

        return $this->result($need, $kept, $boxes, $confidence, $storesPerSugar);
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
        ColonyNeed $need,
        array $boxes,
        array $keep,
        float $confidence = 0.95,
        float $storesPerSugar = 1.0,
    ): ReserveResult {
        $kept = array_values(array_filter($boxes, static fn (StoredBox $box): bool => in_array($box->id, $keep, true)));

        return $this->result($need, $kept, $boxes, $confidence, $storesPerSugar);
    }

    /**
     * @param  list<StoredBox>  $kept
     * @param  list<StoredBox>  $boxes
     */
    private function result(
        ColonyNeed $need,
        array $kept,
        array $boxes,
        float $confidence,
        float $storesPerSugar,
    ): ReserveResult {
        InvalidInput::unlessWithin($confidence, 0.5, 0.999, 'The confidence', '/confidence');
        InvalidInput::unlessWithin($storesPerSugar, 0.1, 2.0, 'The stores per kg of sugar', '/feed/sugar_to_stores');
        $stores = StoredBox::together($kept, $this->assumptions->fillSd);
        $keep = array_map(static fn (StoredBox $box): string => $box->id, $kept);
        $others = array_values(
            array_filter($boxes, static fn (StoredBox $box): bool => ! in_array($box->id, $keep, true)),
        );
        $lacks = $need->lacks($stores, $confidence);
        $sugar = max(0.0, $lacks) / $storesPerSugar;

        return new ReserveResult(
            $need->meanKg(),
            $need->sdKg(),
            $need->quantile($confidence),
            $need->kgByMonth(),
            $stores->kg,
            $stores->sdKg(),
            $need->pEnough($stores),
            $keep,
            array_map(static fn (StoredBox $box): string => $box->id, $others),
            max(0.0, -$lacks),
            max(0.0, $lacks),
            $sugar,
            $sugar * self::LITRES_PER_KG_SUGAR,
        );
    }
}
