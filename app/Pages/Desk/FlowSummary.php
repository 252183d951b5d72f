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
     * @param  string  $mean  kg a day over the last full days, signed; empty where it is not known
     * @param  bool  $presumed  from a neighbour's scale
     * @param  array<string, ?float>  $gains  kg a day by date
     */
    private function __construct(
        public string $sentence,
        public bool $isOver,
        public string $mean,
        public bool $presumed,
        public array $gains,
    ) {
    }

    public static function of(YardFlow $flow): self
    {
        $mean = $flow->result->meanKgPerDay;

        return new self(
            $flow->sentence(),
            $flow->forRipeness() === NectarFlow::Over,
            $mean === null ? '' : sprintf('%+.1f', $mean),
            $flow->presumedFrom !== null,
            array_slice($flow->gains(), -self::DAYS, null, true),
        );
    }
}
