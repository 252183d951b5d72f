<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/** What keeps a yard from being served, or from being served in time, and the least that would mend it. */
final readonly class Shortfall
{
    /**
     * @param  string  $yard  its id
     * @param  Statement  $why  of a ShortfallReason
     * @param  'boards'|'crew'|'truck'|'hold'|'weather'|'kit'  $kind
     * @param  ?float  $shortBy  boards, minutes or supers
     * @param  ?Visit  $visit  that would become possible
     * @param  list<BrokenLimit>  $lacking  what that visit lacks
     */
    public function __construct(
        public string $yard,
        public Statement $why,
        public string $kind,
        public ?DateTimeImmutable $date = null,
        public ?float $shortBy = null,
        public ?Visit $visit = null,
        public array $lacking = [],
    ) {
    }
}
