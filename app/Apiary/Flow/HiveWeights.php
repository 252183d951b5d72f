<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\ScaleReading;

/** The weights of one hive in order, and when something was put on or taken off. */
final readonly class HiveWeights
{
    /** Two weights some days apart tell of the bees, not of the scale. */
    private const LEAST_DAYS = 5;

    /**
     * @param  list<ScaleReading>  $readings
     * @param  list<LoggedHandling>  $logged
     */
    public function __construct(public string $hiveId, public array $readings, public array $logged = [])
    {
    }

    /** Number of days on which it was weighed. */
    public function days(): int
    {
        $days = [];
        foreach ($this->readings as $one) {
            $days[intdiv($one->at->getTimestamp(), 86400)] = true;
        }

        return count($days);
    }

    public function canBeJudged(): bool
    {
        $at = array_map(static fn (ScaleReading $one): int => $one->at->getTimestamp(), $this->readings);

        return $at !== [] && max($at) - min($at) >= (self::LEAST_DAYS - 0.5) * 86400;
    }
}
