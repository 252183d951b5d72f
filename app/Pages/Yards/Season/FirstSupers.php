<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Models\Hive;

/** The supers that a season begins with. */
final readonly class FirstSupers
{
    /**
     * @param  'ticked'|'all'|'none'  $which  hives get one
     * @param  list<string>  $ticked  ids of hives
     * @param  string  $kind  key of their kind
     * @param  'empty'|'drawn'  $putOn  with foundation, or with drawn combs
     * @param  bool  $excluder  one goes below each
     */
    public function __construct(
        private string $which,
        private array $ticked,
        public string $kind,
        public string $putOn,
        public bool $excluder,
    ) {
    }

    public function goesOn(Hive $hive): bool
    {
        return match ($this->which) {
            'all' => true,
            'none' => false,
            default => in_array($hive->id, $this->ticked, true),
        };
    }
}
