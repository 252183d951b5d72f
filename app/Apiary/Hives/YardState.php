<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Flow\YardFlow;
use App\Models\Apiary;
use Marjoram\Core\Ripeness\BoxHoney;

/** A yard on the day: its hives with what was seen and judged, and its flow. */
final readonly class YardState
{
    /** @param  array<string, HiveState>  $hives by code, in the order of the stands */
    public function __construct(public Apiary $apiary, public array $hives, public YardFlow $flow)
    {
    }

    public function hive(string $code): ?HiveState
    {
        return $this->hives[$code] ?? null;
    }

    /** @return list<BoxState> */
    public function supers(): array
    {
        $supers = array_map(static fn (HiveState $hive): array => $hive->supers(), array_values($this->hives));

        return array_merge([], ...$supers);
    }

    /** kg that may come off, with its spread: the fill's error is common to all. */
    public function ripe(): Mass
    {
        $ripe = array_filter($this->supers(), static fn (BoxState $box): bool => $box->comesOff());

        return Mass::ofBoxes(array_map(static fn (BoxState $box): BoxHoney => $box->honey, array_values($ripe)));
    }

    /** @return list<FoundSuper> supers to look at, the look worth most first */
    public function worthALook(): array
    {
        $found = [];
        foreach ($this->hives as $hive) {
            foreach ($hive->supers() as $box) {
                if ($box->isToLookAt()) {
                    $found[] = new FoundSuper($hive, $box);
                }
            }
        }
        $doubt = static fn (FoundSuper $one): float => $one->box->kgInDoubt();
        usort($found, static fn (FoundSuper $a, FoundSuper $b): int => $doubt($b) <=> $doubt($a));

        return $found;
    }

    /** @return list<FoundSuper> the others, hive by hive from the top */
    public function judged(): array
    {
        $worth = array_map(static fn (FoundSuper $one): string => $one->box->id, $this->worthALook());
        $found = [];
        foreach ($this->hives as $hive) {
            foreach (array_reverse($hive->supers()) as $box) {
                if (! in_array($box->id, $worth, true)) {
                    $found[] = new FoundSuper($hive, $box);
                }
            }
        }

        return $found;
    }

    public function toLook(): int
    {
        return count($this->worthALook());
    }
}
