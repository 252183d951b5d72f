<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Flow\YardFlow;
use Marjoram\Core\Ripeness\NectarFlow;

/** A yard's flow as the desk shows it. */
final readonly class FlowSummary
{
    private const DAYS = 11;

    /**
     * @param  ?float  $meanKgPerDay  over the last days that were weighed
     * @param  bool  $presumed  from a neighbour's scale
     * @param  array<string, ?float>  $gains  kg a day by date
     */
    private function __construct(
        public string $sentence,
        public bool $isOver,
        public ?float $meanKgPerDay,
        public bool $presumed,
        public array $gains,
    ) {
    }

    public static function of(YardFlow $flow): self
    {
        return new self(
            $flow->sentence(),
            $flow->forRipeness() === NectarFlow::Over,
            $flow->meanKgPerDay(),
            $flow->presumedFrom !== null,
            array_slice($flow->gains(), -self::DAYS, null, true),
        );
    }
}
