<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\Stack;

/** A hive in a few figures. Plain values, since it is cached. */
final readonly class HiveOverview
{
    /**
     * @param  list<JudgedSuper>  $supers  from the lowest
     * @param  list<Band>  $bands  all boxes from the floor up
     * @param  bool  $storesKnown  somebody has looked at its stores, or weighed it
     * @param  float  $sugarKg  to be fed before winter
     * @param  ?string  $runsOut  day by which stores may be gone (Y-m-d), where winter has begun
     */
    public function __construct(
        public string $id,
        public string $code,
        public bool $excluder,
        public array $supers,
        public array $bands,
        public bool $storesKnown,
        public float $sugarKg,
        public bool $mustBeFed,
        public ?string $runsOut,
    ) {
    }

    /**
     * Supers that stay and stand above one that goes.
     *
     * @param  list<string>  $going  ids of boxes
     */
    public function toMoveBelow(array $going): int
    {
        return count(Stack::toMoveBelow(array_column($this->supers, 'id'), $going));
    }
}
