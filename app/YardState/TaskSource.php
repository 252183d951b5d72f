<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Apiary;
use App\YardState\Coming\YardComing;

/** A stage that has something to do next at a yard; config/stages.php lists them all. */
interface TaskSource
{
    /** @return list<Task> */
    public function tasks(Apiary $apiary, YardComing $coming): array;
}
