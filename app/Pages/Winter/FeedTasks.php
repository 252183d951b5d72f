<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;
use App\Models\Clearing;

/** Hives to feed: in late summer, once the supers are off, and before winter. */
final readonly class FeedTasks implements TaskSource
{
    /** Where no schedule and no treatment says when the supers that may come off are off. */
    private const USUAL_DAYS = 14;

    public function __construct(private CurrentOperation $current, private WinterReader $winter)
    {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $hives = $coming->overview->hivesToFeed();
        $season = $this->winter->season($apiary);
        if ($hives === 0 || ! $season->isTimeToFeed()) {
            return [];
        }
        $until = Task::daysBetween($this->current->today(), $season->whole->from);

        return [new Task(
            $apiary->slug,
            'feed',
            trans_choice('feed :count hive|feed :count hives', $hives),
            __('sugar'),
            route('winter.yard', $apiary->slug, false),
            max(1, $this->off($coming)),
            $until > 0 ? $until : null,
            40,
            $coming->overview->sugarKg(),
        )];
    }

    /** Days until the supers that go are off. */
    private function off(YardComing $coming): int
    {
        $today = $this->current->today();
        $until = static fn (Clearing $one): int => Task::daysBetween($today, $one->inOn());
        $days = array_map($until, $coming->clearings);
        if ($coming->now !== []) {
            $days[] = $coming->treatment === null
                ? self::USUAL_DAYS
                : Task::daysBetween($today, $coming->treatment);
        }

        return $days === [] ? 0 : max($days);
    }
}
