<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;

/** What a hive keeps for winter, and what it rests on. */
final readonly class WinterShare
{
    /**
     * @param  float  $factor  on the usual use of stores
     * @param  float  $factorSd  its doubt, as a share
     * @param  list<StoredBox>  $boxes  from the floor up, also those that go by decision
     * @param  list<string>  $spareWhenRipe  ids of supers that are to wait and will then not be needed here
     * @param  ?string  $runsOut  day by which stores may be gone (Y-m-d), where winter has begun
     */
    public function __construct(
        public ReserveResult $reserve,
        public BroodStores $stores,
        public float $factor,
        public float $factorSd,
        public array $boxes,
        public array $spareWhenRipe,
        public ?string $runsOut,
    ) {
    }
}
