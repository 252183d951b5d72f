<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;

/** Hives to feed, once the supers are off. */
final readonly class FeedTasks implements TaskSource
{
    /** Where no treatment says when the supers are off. */
    private const USUAL_DAYS = 14;

    public function __construct(private CurrentOperation $current)
    {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $hives = $coming->overview->hivesToFeed();
        $off = $coming->treatment === null
            ? self::USUAL_DAYS
            : Task::daysBetween($this->current->today(), $coming->treatment);

        return $hives === 0 ? [] : [new Task(
            $apiary->slug,
            'feed',
            trans_choice('feed :count hive|feed :count hives', $hives),
            __('sugar'),
            route('winter.yard', $apiary->slug, false),
            max(1, $off),
            null,
            40,
            $coming->overview->sugarKg(),
        )];
    }
}
