<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\InvalidInput;

/** The whole question: days, yards, kit, and what truck and honey room hold. */
final readonly class RoundTask
{
    /** Sets of yards are kept as the bits of an integer. */
    public const MOST_YARDS = 60;

    /**
     * @param  list<RoundDay>  $days  in order, one after the other
     * @param  list<RoundYard>  $yards
     * @param  bool  $split  a yard may be served in parts
     * @param  list<Service>  $locks  services that stay as they are, whatever limits they break; the rest is planned round them
     *
     * @throws InvalidInput when days are out of order, there are too many yards, or a lock is of no yard, day or hives here
     */
    public function __construct(public array $days, public array $yards, public Travel $travel, public int $escapeBoards, public int $fumeBoards, public bool $blower, public float $truckSupers, public float $holdSupers, public float $heldSupers = 0.0,
        public bool $split = false, public RoundParams $params = new RoundParams, public array $locks = [])
    {
        InvalidInput::unlessWithin(count($days), 1, 120, 'The number of days', '/days');
        InvalidInput::unlessWithin(count($yards), 0, self::MOST_YARDS, 'The number of yards', '/apiaries');
        InvalidInput::unlessWithin($escapeBoards, 0, 10000, 'The escape boards', '/kit/escape_boards');
        InvalidInput::unlessWithin($fumeBoards, 0, 10000, 'The fume boards', '/kit/fume_boards');
        InvalidInput::unlessWithin($truckSupers, 0.0, 10000.0, 'What the truck holds', '/truck_supers');
        InvalidInput::unlessWithin($holdSupers, 0.0, 10000.0, 'What the honey room holds', '/hold_supers');
        InvalidInput::unlessWithin($heldSupers, 0.0, 10000.0, 'The supers held', '/held_supers');
        foreach ($days as $i => $day) {
            if ($i > 0 && $day->date <= $days[$i - 1]->date) {
                throw InvalidInput::because('The days are not in order.', 'each day after the one before', "/days/$i/date");
            }
        }
        $ids = array_map(static fn (RoundYard $yard): string => $yard->id, $yards);
        if (count(array_unique($ids)) !== count($ids)) {
            throw InvalidInput::because('A yard is given twice.', 'each yard once', '/apiaries');
        }
        $locked = [];
        foreach ($locks as $i => $lock) {
            if (! isset($yards[$lock->yard], $days[$lock->first], $days[$lock->last]) || $lock->last < $lock->first) {
                throw InvalidInput::because('A lock names a yard or a day that is not in the task.', 'yards and days of the task', "/locks/$i");
            }
            if (($lock->last > $lock->first) !== $lock->places()) {
                throw InvalidInput::because('Boards go on before the day on which their supers come in; other methods take one day.', 'an earlier day to place boards, the same day otherwise', "/locks/$i/place");
            }
            $locked[$lock->yard] = ($locked[$lock->yard] ?? 0) + $lock->hives;
            InvalidInput::unlessWithin($locked[$lock->yard], 1, $yards[$lock->yard]->hives, "The hives locked at {$yards[$lock->yard]->id}", "/locks/$i/hives");
        }
    }

    /** The weather of a day at a yard: its own, or the day's. */
    public function sky(RoundYard $yard, int $day): Sky
    {
        $mean = $this->days[$day];

        return $yard->skies[$day] ?? new Sky($mean->maxC, $mean->rainP, $mean->dearth);
    }
}
