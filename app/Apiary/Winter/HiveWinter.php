<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Reserve\ReserveResult;

/** What one hive has and needs for winter. */
final readonly class HiveWinter
{
    /** Sugar below which nobody feeds, kg. */
    private const LEAST_SUGAR_KG = 0.5;

    public ReserveResult $reserve;

    public BroodStores $stores;

    public function __construct(public HiveState $state, public WinterShare $share)
    {
        $this->reserve = $share->reserve;
        $this->stores = $share->stores;
    }

    /** Somebody has looked, weighed or painted: what is merely presumed asks for a look and for no sugar. */
    public function isKnown(): bool
    {
        return $this->stores->how !== HowKnown::Presumed;
    }

    public function mustBeFed(): bool
    {
        return $this->isKnown() && $this->reserve->sugarKg > self::LEAST_SUGAR_KG;
    }

    public function stays(BoxState $box): bool
    {
        return in_array($box->id, $this->reserve->keep, true);
    }

    /** It might come off, and stays because winter needs it: not merely because it is not ripe. */
    public function needs(BoxState $box): bool
    {
        return $this->stays($box) && (! $box->isSuper() || $box->comesOff());
    }

    /** @return list<BoxState> ripe, and not needed for winter */
    public function comingOff(): array
    {
        $free = fn (BoxState $box): bool => $box->comesOff() && ! $this->stays($box);

        return array_values(array_filter($this->state->supers(), $free));
    }

    /** How many boxes from the floor stand below the reserve line. */
    public function boxesBelow(): int
    {
        return count(array_filter($this->state->boxes, $this->stays(...)));
    }

    /** @return list<BoxState> as they will stand: what stays for winter below, the rest above */
    public function inOrder(): array
    {
        $goes = fn (BoxState $box): bool => ! $this->stays($box);

        return [
            ...array_values(array_filter($this->state->boxes, $this->stays(...))),
            ...array_values(array_filter($this->state->boxes, $goes)),
        ];
    }

    public function take(): Kilograms
    {
        return Kilograms::sum(array_map(static fn (BoxState $box): Kilograms => $box->honey, $this->comingOff()));
    }
}
