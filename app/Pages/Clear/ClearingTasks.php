<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingState;
use Marjoram\Core\Clearing\BoardFigures;

/** Boards to put on and to fetch, supers to bring in, and what might be cleared next. */
final readonly class ClearingTasks implements TaskSource
{
    public function __construct(private CurrentOperation $current, private MethodReader $methods)
    {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $planned = fn (Clearing $clearing): Task => $this->planned($clearing, $apiary->slug);
        $proposed = $this->proposed($apiary, $coming);

        return [...array_map($planned, $coming->clearings), ...($proposed === null ? [] : [$proposed])];
    }

    private function proposed(Apiary $apiary, YardComing $coming): ?Task
    {
        $supers = count($coming->supers());
        $best = $supers === 0 ? null : $this->methods->compare($apiary, $coming)->best();
        if ($best === null) {
            return null;
        }
        $today = $this->current->today();
        $days = array_map(static fn ($visit): int => Task::daysBetween($today, $visit), $best->visits);

        return new Task(
            $apiary->slug,
            $best->method->takesTwoVisits() ? 'board' : 'take',
            trans_choice('clear :count super|clear :count supers', $supers),
            __('proposed'),
            route('clear.yard', $apiary->slug, false),
            $days[0],
            count($days) > 1 ? $days[count($days) - 1] : null,
            20,
        );
    }

    private function planned(Clearing $clearing, string $slug): Task
    {
        $today = $this->current->today();
        $href = route('clear.plan', $clearing->id, false);
        $supers = $clearing->items->count();
        $first = Task::daysBetween($today, $clearing->first_on);
        $last = Task::daysBetween($today, $clearing->inOn());
        if ($clearing->method->takesTwoVisits() && $clearing->state === ClearingState::Planned) {
            $words = trans_choice('boards on for :count super|boards on for :count supers', $supers);

            return new Task(
                $slug,
                'board',
                $words,
                __('planned'),
                $href,
                $first,
                $clearing->second_on === null ? null : $last,
                5,
            );
        }
        if ($clearing->second_on !== null && -$first >= (new BoardFigures)->mostNights) {
            $words = trans_choice(
                '{1} fetch the boards: :count night out|[2,*] fetch the boards: :count nights out',
                -$first,
            );

            return new Task($slug, 'board', $words, __('at most three nights'), $href, 0, null, 0);
        }
        $words = trans_choice('lift :count super|lift :count supers', $supers);

        return new Task($slug, 'take', $words, __('planned'), $href, $last, null, 5);
    }
}
