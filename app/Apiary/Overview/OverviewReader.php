<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;

/** Sums up yards from a few cached figures of each hive, so that hundreds are read quickly. */
final readonly class OverviewReader
{
    public function __construct(
        private OperationCache $cache,
        private YardReader $yards,
        private WinterReader $winter,
    ) {
    }

    public function of(Apiary $apiary): YardOverview
    {
        $ids = $this->yards->hiveIds($apiary);
        $found = $this->cache->ofHives(
            $apiary->id,
            'overview',
            array_values($ids),
            $this->winter->context($apiary),
            fn (array $stale): array => $this->make($apiary, $stale),
        );
        $hives = [];
        foreach ($ids as $code => $id) {
            if (isset($found[$id])) {
                $hives[(string) $code] = $found[$id];
            }
        }

        return new YardOverview($hives);
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, HiveOverview>
     */
    private function make(Apiary $apiary, array $ids): array
    {
        $states = $this->yards->states($apiary, $ids);
        $byCode = [];
        foreach ($states as $state) {
            $byCode[$state->code] = $state;
        }
        $winters = $this->winter->read(new YardState($apiary, $byCode, $this->yards->flow($apiary)));
        $overviews = [];
        foreach ($states as $id => $state) {
            $overviews[$id] = self::hive($state, $winters[$state->code] ?? null);
        }

        return $overviews;
    }

    private static function hive(HiveState $state, ?HiveWinter $winter): HiveOverview
    {
        $super = static fn (BoxState $box): JudgedSuper => new JudgedSuper(
            $box,
            $winter?->stays($box) === true,
            in_array($box->id, $winter->share->spareWhenRipe ?? [], true),
        );

        return new HiveOverview(
            $state->id,
            $state->code,
            $state->excluder,
            array_map($super, $state->supers()),
            array_map(self::band(...), $state->boxes),
            $winter === null || $winter->isKnown(),
            $winter->reserve->sugarKg ?? 0.0,
            $winter?->mustBeFed() === true,
            $winter?->share->runsOut,
        );
    }

    private static function band(BoxState $box): Band
    {
        $full = min(1.0, $box->ripeness->box->fullFrames() / max(1, $box->fitted->framesFitted));

        return new Band(
            $box->fitted->kind->externalHeightMm,
            $box->isSuper(),
            $full * ($box->ripeness->box->cappedShare ?? 0.0),
            $box->seen() > 0,
        );
    }
}
