<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;

/** Supers to look at. */
final class LookTasks implements TaskSource
{
    private const MINUTES_A_SUPER = 8;

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $look = $coming->overview->toInspect();

        return $look === 0 ? [] : [new Task(
            $apiary->slug,
            'look',
            trans_choice('inspect :count super|inspect :count supers', $look),
            __(':n min', ['n' => self::MINUTES_A_SUPER * $look]),
            route('assess.yard', $apiary->slug, false),
            1,
            null,
            10,
        )];
    }
}
