<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\InvalidInput;

/** The honey of one box of a hive, as far as the winter is concerned. */
final readonly class StoredBox
{
    /**
     * @param  bool  $brood  brood boxes always stay
     * @param  bool  $ripe  a super that is not ripe stays on the hive: what it holds counts as stores
     *
     * @throws InvalidInput when a mass is negative
     */
    public function __construct(
        public string $id,
        public float $honeyKg,
        public float $sdKg,
        public bool $brood,
        public bool $ripe = true,
    ) {
        InvalidInput::unlessWithin($honeyKg, 0.0, 200.0, 'The honey', '/honey_kg');
        InvalidInput::unlessWithin($sdKg, 0.0, 100.0, 'The spread of the honey', '/sd_kg');
    }

    /** Whatever is chosen: it is a brood box, or a super that is not ripe. */
    public function staysAnyway(): bool
    {
        return $this->brood || ! $this->ripe;
    }

    /**
     * What boxes of a hive hold together.
     *
     * @param  list<self>  $boxes
     * @param  float  $fillSd  share of the honey by which all are misjudged alike
     */
    public static function together(array $boxes, float $fillSd): Kilograms
    {
        return Kilograms::sum(array_map(
            static fn (self $box): Kilograms => Kilograms::of($box->honeyKg, $box->sdKg, $fillSd),
            $boxes,
        ));
    }
}
