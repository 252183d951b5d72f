<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\Scopes;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\StoresOn;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\WinterUse;

/** The winter share of hives, each kept until something of it is written. */
final readonly class WinterReader
{
    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private YardReader $yards,
        private WinterNotesReader $notes,
    ) {
    }

    /** @return array<string, HiveWinter> by hive code; a hive without a box or bees has none */
    public function read(YardState $yard): array
    {
        $winters = [];
        $shares = $this->shares($yard->apiary, $yard->hives);
        foreach ($yard->hives as $code => $state) {
            $share = $shares[$state->id] ?? null;
            if ($share !== null) {
                $winters[(string) $code] = new HiveWinter($state, $share);
            }
        }

        return $winters;
    }

    /** One hive without the rest of its yard. */
    public function one(Apiary $apiary, HiveState $state): ?HiveWinter
    {
        $share = $this->shares($apiary, [$state->code => $state])[$state->id] ?? null;

        return $share === null ? null : new HiveWinter($state, $share);
    }

    public function season(Apiary $apiary, ?Policy $policy = null): WinterSeason
    {
        $policy ??= Policy::at($this->current, $apiary);

        return WinterSeason::of($apiary, $policy->winter, $this->current->today(), $this->cache);
    }

    /** @return list<StoresOn> what one hive will have left, week by week */
    public function storesAhead(Apiary $apiary, HiveWinter $winter): array
    {
        $id = $winter->state->id;

        return $this->cache->ofHives(
            $apiary->id,
            'stores-ahead',
            [$id],
            $this->context($apiary),
            fn (): array => [$id => $this->ahead($winter, $this->season($apiary))],
        )[$id];
    }

    /** @return list<StoresOn> */
    private function ahead(HiveWinter $winter, WinterSeason $season): array
    {
        $start = max($season->whole->from, min($season->today, $season->whole->firstFlow));
        $scale = WinterUse::scale($winter->stores->framesOfBees, $winter->share->factor, new ReserveAssumptions);
        $reserve = $winter->reserve;

        $doubt = $winter->share->factorSd;

        return $season->paths()->stores($start, $reserve->storesKg, $reserve->storesSdKg, $scale, $doubt);
    }

    /**
     * @param  array<string, HiveState>  $states
     * @return array<string, ?WinterShare> by hive id
     */
    private function shares(Apiary $apiary, array $states): array
    {
        $policy = Policy::at($this->current, $apiary);
        $season = $this->season($apiary, $policy);
        $learnt = $this->learnt($apiary, $policy, $season);
        $byId = [];
        foreach ($states as $state) {
            $byId[$state->id] = $state;
        }

        return $this->cache->ofHives(
            $apiary->id,
            'winter',
            array_keys($byId),
            $this->stamp($apiary, $policy, $season, $learnt),
            fn (array $stale): array => $this->make(
                array_intersect_key($byId, array_flip($stale)),
                new ShareCalculator($policy, $season, $learnt),
            ),
        );
    }

    /**
     * @param  array<string, HiveState>  $states  by id
     * @return array<string, ?WinterShare>
     */
    private function make(array $states, ShareCalculator $calculator): array
    {
        $notes = $this->notes->of(array_keys($states));
        $shares = [];
        foreach ($states as $id => $state) {
            // A hive without bees needs nothing.
            $lives = $state->boxes !== [] && $state->isAlive;
            $shares[$id] = $lives ? $calculator->share($state, $notes[$id]) : null;
        }

        return $shares;
    }

    /** What the winter shares of a yard's hives depend on beside their own records. */
    public function context(Apiary $apiary): string
    {
        return $this->cache->once("winter.$apiary->id", function () use ($apiary): string {
            $policy = Policy::at($this->current, $apiary);
            $season = $this->season($apiary, $policy);

            return $this->stamp($apiary, $policy, $season, $this->learnt($apiary, $policy, $season));
        });
    }

    private function stamp(Apiary $apiary, Policy $policy, WinterSeason $season, UseCalibration $learnt): string
    {
        return md5(serialize([$this->yards->context($apiary), $policy->winter, $season->whole, $learnt]));
    }

    /** What weighings of this winter say of the use of the yard's hives. */
    private function learnt(Apiary $apiary, Policy $policy, WinterSeason $season): UseCalibration
    {
        return $this->cache->of(
            "winter-use.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): UseCalibration => UseReader::learn($this->weighed($apiary), $season, $policy->winter->factor),
            [$policy->winter->factor, $season->whole],
        );
    }

    /** @return array<string, WinterNotes> of hives that were weighed twice or more, by code */
    private function weighed(Apiary $apiary): array
    {
        $codes = array_flip($this->yards->hiveIds($apiary));
        $often = array_filter(
            $this->notes->weighings(array_keys($codes)),
            static fn (array $of): bool => count($of) > 1,
        );
        $found = [];
        foreach ($often === [] ? [] : $this->notes->of(array_keys($often)) as $id => $notes) {
            $found[(string) $codes[$id]] = $notes;
        }

        return $found;
    }
}
