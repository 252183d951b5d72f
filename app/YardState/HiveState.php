<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Hive;
use Marjoram\Core\Ripeness\Verdict;

/** A hive on the day, its boxes from the floor up. */
final readonly class HiveState
{
    /** @param  list<BoxState>  $boxes */
    public function __construct(public Hive $hive, public array $boxes)
    {
    }

    /** @return list<BoxState> from the lowest */
    public function supers(): array
    {
        return array_values(array_filter($this->boxes, static fn (BoxState $box): bool => $box->isSuper()));
    }

    /** @return list<BoxState> */
    public function broodBoxes(): array
    {
        return array_values(array_filter($this->boxes, static fn (BoxState $box): bool => ! $box->isSuper()));
    }

    public function box(string $id): ?BoxState
    {
        foreach ($this->boxes as $box) {
            if ($box->box->id === $id) {
                return $box;
            }
        }

        return null;
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->supers(), static fn (BoxState $box): bool => $box->verdict() === $verdict));
    }

    /** @return list<string> "take 2", "look 1" */
    public function words(): array
    {
        $words = [];
        foreach (
            [Verdict::Take, Verdict::TakeAndDry, Verdict::Look, Verdict::Wait, Verdict::Rearrange, Verdict::Leave] as $verdict
        ) {
            $n = $this->count($verdict);
            if ($n > 0) {
                $words[] = mb_strtolower(Marks::word($verdict)).' '.$n;
            }
        }

        return $words === [] ? [__('no super')] : array_slice($words, 0, 3);
    }

    public function ripeKg(): float
    {
        return array_sum(
            array_map(static fn (BoxState $box): float => $box->comesOff() ? $box->honey->honeyKg : 0.0, $this->boxes),
        );
    }
}
