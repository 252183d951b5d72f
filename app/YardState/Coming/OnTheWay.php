<?php

declare(strict_types=1);

namespace App\YardState\Coming;

use App\Models\Clearing;
use App\Models\Treatment;
use App\Operation\CurrentOperation;
use App\Records\Revisions;
use DateTimeImmutable;

/** Clearings not in the honey room yet and the treatments ahead, of all yards with a few queries. */
final class OnTheWay
{
    /** @var array<string, list<Clearing>>|null by yard id, in the order of their days */
    private ?array $clearings = null;

    /** @var array<string, DateTimeImmutable>|null by yard id */
    private ?array $treatments = null;

    private string $readIn = '';

    public function __construct(private readonly CurrentOperation $current, private readonly Revisions $revisions)
    {
    }

    /** @return list<Clearing> */
    public function clearings(string $apiaryId): array
    {
        $this->forgetOld();
        if ($this->clearings === null) {
            $this->clearings = [];
            foreach (Clearing::open()->with(['items.hive', 'items.box'])->orderBy('first_on')->get() as $clearing) {
                $this->clearings[$clearing->apiary_id][] = $clearing;
            }
        }

        return $this->clearings[$apiaryId] ?? [];
    }

    /** Supers off by, from the label of the next treatment. */
    public function treatment(string $apiaryId): ?DateTimeImmutable
    {
        $this->forgetOld();
        if ($this->treatments === null) {
            $this->treatments = [];
            $ahead = Treatment::query()
                ->where('supers_off_by', '>=', $this->current->today())
                ->orderBy('supers_off_by')
                ->get();
            foreach ($ahead as $one) {
                $this->treatments[$one->apiary_id] ??= new DateTimeImmutable($one->supers_off_by->format('Y-m-d'));
            }
        }

        return $this->treatments[$apiaryId] ?? null;
    }

    private function forgetOld(): void
    {
        $in = $this->current->timesEntered().'.'.$this->revisions->generation();
        if ($in !== $this->readIn) {
            $this->clearings = $this->treatments = null;
            $this->readIn = $in;
        }
    }
}
