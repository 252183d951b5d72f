<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Schedule;
use Marjoram\Core\InvalidInput;

/** A schedule whose question cannot be calculated: it is shown with the reason and can be removed. */
final readonly class BrokenSchedule
{
    public function __construct(public Schedule $schedule, public InvalidInput $reason)
    {
    }
}
