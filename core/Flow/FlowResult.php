<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use Marjoram\Core\Statement;

/** The scale's daily gains, the phase they show, and how likely the flow is over with the signs seen. */
final readonly class FlowResult
{
    /**
     * @param  array<array-key, ?float>  $gainKgByDate  local date => kg, null where it cannot be told
     * @param  list<ScaleStep>  $manipulations  boxes put on or taken off
     * @param  list<Statement>  $reasons  of FlowReasons
     */
    public function __construct(
        public array $gainKgByDate,
        public array $manipulations,
        public ?float $meanKgPerDay,
        public Phase $phase,
        public float $pOver,
        public array $reasons,
    ) {
    }
}
