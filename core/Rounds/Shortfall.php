<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;

/** What keeps a yard from being served, or from being served in time, and the least that would mend it. */
final readonly class Shortfall
{
    /**
     * @param  'boards'|'crew'|'truck'|'hold'|'weather'|'kit'  $kind
     * @param  ?float  $shortBy  boards, minutes or supers
     * @param  ?Service  $service  that would become possible
     */
    public function __construct(public string $kind, public int $yard, public ?DateTimeImmutable $date, public ?float $shortBy, public string $sentence, public ?Service $service = null)
    {
    }
}
