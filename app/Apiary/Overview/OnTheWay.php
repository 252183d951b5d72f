<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Seasons;
use App\Models\Clearing;
use App\Models\Treatment;
use DateTimeImmutable;

/** Clearings not in the honey room yet and the treatments ahead, of all yards with a few queries a request. */
final readonly class OnTheWay
{
    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private Seasons $seasons,
    ) {
    }

    /** @return list<Clearing> in the order of their days */
    public function clearings(string $apiaryId): array
    {
        return $this->byYard()[$apiaryId] ?? [];
    }

    /** @return array<string, list<Clearing>> by yard id, each in the order of their days */
    public function byYard(): array
    {
        return $this->cache->once('clearings', $this->allClearings(...));
    }

    /** Day by which supers must be off, from the label of the next treatment. */
    public function treatment(string $apiaryId): ?DateTimeImmutable
    {
        return $this->cache->once('treatments', $this->allTreatments(...))[$apiaryId] ?? null;
    }

    /** @return array<string, list<Clearing>> by yard id */
    private function allClearings(): array
    {
        $found = [];
        $open = Clearing::open($this->seasons->now()->since)->with(['items.hive', 'items.box'])->orderBy('first_on');
        foreach ($open->get() as $clearing) {
            $found[$clearing->apiary_id][] = $clearing;
        }

        return $found;
    }

    /** @return array<string, DateTimeImmutable> by yard id */
    private function allTreatments(): array
    {
        $found = [];
        $ahead = Treatment::query()
            ->where('supers_off_by', '>=', $this->current->today())
            ->orderBy('supers_off_by')
            ->get();
        foreach ($ahead as $one) {
            $found[$one->apiary_id] ??= new DateTimeImmutable($one->supers_off_by->format('Y-m-d'));
        }

        return $found;
    }
}
