<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Models\MarkKind;
use Marjoram\Core\Ripeness\Verdict;

/** A hive on the day, its boxes from the floor up. */
final readonly class HiveState
{
    /**
     * @param  ?string  $queen  her code
     * @param  list<BoxState>  $boxes
     * @param  bool  $isAlive  a colony lives in it
     * @param  ?string  $notes  what a person noted of the hive
     * @param  ?MarkKind  $mark  what is meant to be done with its queen
     */
    public function __construct(
        public string $id,
        public string $code,
        public bool $excluder,
        public ?string $queen,
        public array $boxes,
        public bool $isAlive = true,
        public ?string $notes = null,
        public ?MarkKind $mark = null,
    ) {
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

    /** @return list<BoxState> */
    public function fromTheTop(): array
    {
        return array_reverse($this->boxes);
    }

    public function box(string $id): ?BoxState
    {
        foreach ($this->boxes as $box) {
            if ($box->id === $id) {
                return $box;
            }
        }

        return null;
    }

    public function hasSuperComingOff(): bool
    {
        return array_filter($this->supers(), static fn (BoxState $box): bool => $box->comesOff()) !== [];
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->supers(), static fn (BoxState $box): bool => $box->standing() === $verdict));
    }

    /**
     * Only supers above a board are cleared: those that stay and stand above one that goes are moved below it.
     *
     * @param  list<string>  $going  ids of boxes
     * @return list<BoxState> from the lowest
     */
    public function belowFirst(array $going): array
    {
        $supers = array_column($this->supers(), null, 'id');
        $ids = array_map(strval(...), array_keys($supers));

        return array_map(static fn (string $id): BoxState => $supers[$id], Stack::toMoveBelow($ids, $going));
    }
}
