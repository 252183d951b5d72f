<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Operation\CurrentOperation;
use DateTimeImmutable;
use DateTimeZone;

/** Moments in the honey room: the operation's own, in UTC as they are stored. */
final readonly class RoomClock
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function now(): DateTimeImmutable
    {
        return $this->current->now()->setTimezone(new DateTimeZone('UTC'));
    }

    public function today(): string
    {
        return $this->current->today()->format('Y-m-d');
    }
}
