<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\Method;

/** A method and the days of its visits, as places in the question's list of days. */
final readonly class Slot
{
    public function __construct(public Method $method, public int $first, public int $last)
    {
    }

    /**
     * Place of an equal slot in a list; null if the list has no equal slot.
     *
     * @param  list<self>  $slots
     */
    public function placeIn(array $slots): ?int
    {
        foreach ($slots as $i => $slot) {
            if ($this->isLike($slot) && $slot->last === $this->last) {
                return $i;
            }
        }

        return null;
    }

    /** By the same method, with the same days between its visits. */
    public function isLike(self $other): bool
    {
        return $this->method === $other->method && $this->last - $this->first === $other->last - $other->first;
    }
}
