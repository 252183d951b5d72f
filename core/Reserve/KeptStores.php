<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/**
 * What the boxes of a hive hold together. How full comb is (kg per dm2 painted) is misjudged in all boxes alike, so
 * that share of their doubt adds up; the rest of it is each box's own.
 */
final readonly class KeptStores
{
    private function __construct(public float $kg, public float $sdKg)
    {
    }

    /** @param  list<StoredBox>  $boxes */
    public static function of(array $boxes, float $fillSd): self
    {
        $kg = $common = $own = 0.0;
        foreach ($boxes as $box) {
            $fill = min($box->sdKg, $fillSd * $box->honeyKg);
            $kg += $box->honeyKg;
            $common += $fill;
            $own += $box->sdKg ** 2 - $fill ** 2;
        }

        return new self($kg, sqrt($common ** 2 + $own));
    }

    /** So much more (or less), known well. */
    public function and(float $kg): self
    {
        return new self($this->kg + $kg, $this->sdKg);
    }
}
