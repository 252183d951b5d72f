<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Flow\FlowReader;
use App\Apiary\Flow\YardFlow;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\Seasons;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Apiary;
use App\Models\Hive;
use Illuminate\Support\Collection;

/** The state of yards, each hive kept until something of it is written. */
final class YardReader
{
    /** More yards than this are listed by their figures, and drawn one by one. */
    public const DRAWN_AT_ONCE = 6;

    /** @var Collection<int, Apiary>|null */
    private ?Collection $apiaries = null;

    /** @var array<string, array<string, string>>|null hive ids by yard and code, in the order of the stands */
    private ?array $hives = null;

    private int $readAt = -1;

    public function __construct(
        private readonly CurrentOperation $current,
        private readonly OperationCache $cache,
        private readonly FlowReader $flows,
        private readonly HiveReader $reader,
        private readonly ScopeVersions $versions,
        private readonly Seasons $seasons,
    ) {
    }

    /** @return Collection<int, Apiary> all yards in the keeper's order */
    public function apiaries(): Collection
    {
        $this->forgetOld();

        return $this->apiaries ??= Apiary::query()
            ->with('harvestPolicies')
            ->orderBy('position')
            ->orderBy('name')
            ->get();
    }

    public function areTooManyToDraw(): bool
    {
        return $this->apiaries()->count() > self::DRAWN_AT_ONCE;
    }

    /** @return list<YardState> all yards */
    public function all(): array
    {
        return array_values($this->apiaries()->map($this->one(...))->all());
    }

    public function one(Apiary $apiary): YardState
    {
        $ids = $this->hiveIds($apiary);
        $states = $this->states($apiary, array_values($ids));
        $hives = [];
        foreach ($ids as $code => $id) {
            if (isset($states[$id])) {
                $hives[(string) $code] = $states[$id];
            }
        }

        return new YardState($apiary, $hives, $this->flow($apiary));
    }

    /** One hive without the rest of its yard. */
    public function hive(Apiary $apiary, string $code): ?HiveState
    {
        $id = $this->hiveIds($apiary)[$code] ?? null;

        return $id === null ? null : $this->states($apiary, [$id])[$id] ?? null;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, HiveState> by hive id
     */
    public function states(Apiary $apiary, array $ids): array
    {
        $flow = $this->flow($apiary);

        return $this->cache->ofHives(
            $apiary->id,
            'hive',
            $ids,
            $this->context($apiary),
            fn (array $stale): array => $this->reader->read($apiary, $stale, $flow),
        );
    }

    /**
     * As it is stored at this moment, not as it was kept: for a write that holds the hives it changes.
     *
     * @param  list<string>  $ids
     * @return array<string, HiveState> by hive id
     */
    public function asStored(Apiary $apiary, array $ids): array
    {
        return $this->reader->read($apiary, $ids, $this->flow($apiary));
    }

    /** What the verdicts of a yard's hives depend on beside their own records. */
    public function context(Apiary $apiary): string
    {
        return $this->cache->once("context.$apiary->id", function () use ($apiary): string {
            $policy = Policy::at($this->current, $apiary);

            return md5(serialize([
                $this->flow($apiary)->forRipeness(),
                $this->flow($apiary)->endedOn()?->format('Y-m-d'),
                $policy->ripeness,
                $policy->frameByFrame,
                $policy->fill,
                $this->current->get()->dry_room,
                $this->seasons->now(),
            ]));
        });
    }

    public function flow(Apiary $apiary): YardFlow
    {
        return $this->cache->once(
            "flow.$apiary->id",
            fn (): YardFlow => $this->flows->of($apiary, $this->apiaries()),
        );
    }

    /** @return array<string, string> ids of a yard's hives by code, in the order of the stands */
    public function hiveIds(Apiary $apiary): array
    {
        return $this->allHives()[$apiary->id] ?? [];
    }

    /** @return array<string, array<string, string>> */
    private function allHives(): array
    {
        $this->forgetOld();
        if ($this->hives === null) {
            $this->hives = [];
            $rows = Hive::query()
                ->join('stands', 'stands.id', '=', 'hives.stand_id')
                ->whereNull('stands.deleted_at')
                ->orderBy('stands.number')
                ->toBase()
                ->get(['hives.id', 'hives.code', 'stands.apiary_id']);
            foreach ($rows as $row) {
                $this->hives[$row->apiary_id][$row->code] = $row->id;
            }
        }

        return $this->hives;
    }

    /** Which yards and hives there are is read again once this request has changed anything. */
    private function forgetOld(): void
    {
        if ($this->readAt !== $this->versions->generation()) {
            $this->apiaries = $this->hives = null;
            $this->readAt = $this->versions->generation();
        }
    }
}
