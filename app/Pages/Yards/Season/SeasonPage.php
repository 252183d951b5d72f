<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Operation\SeasonNow;
use App\Foundation\Http\Linked;
use App\Models\Hive;

/** Where the year stands, what is still open of a season, and what the next begins with. */
final readonly class SeasonPage
{
    /**
     * @param  ?int  $closing  the season that may be closed now; null where none may
     * @param  list<Linked>  $open
     * @param  array<string, list<StandingSuper>>  $supers  by yard
     * @param  int  $excluders  hives that have one
     * @param  array<string, list<Hive>>  $hives  with a colony, by yard; empty where no season is to begin
     * @param  array<string, int>  $on  supers, by the id of their hive
     * @param  string  $kind  key of the usual super
     * @param  array<string, string>  $kinds  names by key
     * @param  bool  $hasStore  supers of that kind are in store
     */
    public function __construct(
        public SeasonNow $now,
        public ?int $closing,
        public array $open,
        public array $supers,
        public int $excluders,
        public array $hives,
        private array $on,
        public string $kind,
        public array $kinds,
        public bool $hasStore,
    ) {
    }

    public function hasSuper(Hive $hive): bool
    {
        return isset($this->on[$hive->id]);
    }

    /** Empty where none is on. */
    public function supersOn(Hive $hive): string
    {
        return $this->hasSuper($hive)
            ? trans_choice('{1} :count super is on|[2,*] :count supers are on', $this->on[$hive->id])
            : '';
    }

    /** It may begin: it has not, and nobody has closed it. */
    public function mayBegin(): bool
    {
        return ! $this->now->isOn && ! $this->now->isClosed;
    }
}
