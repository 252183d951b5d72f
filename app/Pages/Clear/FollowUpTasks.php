<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;
use App\Models\FollowUp;

/** What is to be done after supers came in: space, wet supers, moths, excluders; each on its day. */
final readonly class FollowUpTasks implements TaskSource
{
    public function __construct(private CurrentOperation $current, private Seasons $seasons)
    {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $today = $this->current->today();
        $open = FollowUp::open($this->seasons->now()->since, $today)->where('apiary_id', $apiary->id)->get();

        return array_values($open->map(static fn (FollowUp $one): Task => new Task(
            $apiary->slug,
            'wait',
            $one->words(),
            __('after the harvest'),
            route('clear.index', [], false),
            Task::daysBetween($today, $one->due_on),
            null,
            30,
        ))->all());
    }
}
