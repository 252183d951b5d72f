<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;

/** Supers to look at. */
final readonly class LookTasks implements TaskSource
{
    private const MINUTES_A_SUPER = 8;

    public function __construct(private Seasons $seasons)
    {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $look = $this->seasons->now()->asksToInspect() ? $coming->overview->toInspect() : 0;

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
