<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Models\Apiary;

/** A stage that has something to do next at a yard; config/stages.php lists them all. */
interface TaskSource
{
    /** @return list<Task> */
    public function tasks(Apiary $apiary, YardComing $coming): array;
}
