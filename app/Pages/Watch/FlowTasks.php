<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Flow\YardFlow;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\Band;
use App\Apiary\Overview\HiveOverview;
use App\Apiary\Overview\Task;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Overview\YardComing;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use DateTimeImmutable;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Ripeness\NectarFlow;

/** What the flow calls for: a look while it slows, room while it is strong, and that it has ended. */
final readonly class FlowTasks implements TaskSource
{
    /** A smaller gain in five days needs no super, kg. */
    private const LEAST_KG = 2.0;

    /** Days for which the end of a flow is a task. */
    private const NEWS_DAYS = 30;

    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
        private Formatter $format,
        private Seasons $seasons,
    ) {
    }

    public function tasks(Apiary $apiary, YardComing $coming): array
    {
        $flow = $this->yards->flow($apiary);
        if ($flow->filter === null || $coming->overview->supers() === [] || ! $this->seasons->now()->isOn) {
            return [];
        }

        return [
            ...$this->ended($apiary, $flow),
            ...$this->slowing($apiary, $flow),
            ...$this->room($apiary, $flow, $coming),
        ];
    }

    /** @return list<Task> */
    private function ended(Apiary $apiary, YardFlow $flow): array
    {
        $ended = $flow->endedOn() === null ? null : $flow->filter?->ended;
        if ($ended === null) {
            return [];
        }
        $days = Task::daysBetween(new DateTimeImmutable($ended->median), $this->current->today());
        if ($days > self::NEWS_DAYS) {
            return [];
        }

        return [$this->task($apiary, 'look', __('flow ended about :day', [
            'day' => $this->format->day(new DateTimeImmutable($ended->median)),
        ]), __(':from to :to by the scale', [
            'from' => $this->format->day(new DateTimeImmutable($ended->from)),
            'to' => $this->format->day(new DateTimeImmutable($ended->to)),
        ]), 40)];
    }

    /** @return list<Task> */
    private function slowing(Apiary $apiary, YardFlow $flow): array
    {
        return $flow->forRipeness() !== NectarFlow::Slow ? [] : [
            $this->task($apiary, 'look', __('the flow is slowing: inspect the supers'), __('over with :p', [
                'p' => $this->format->percent($flow->pOver()),
            ]), 12),
        ];
    }

    /** @return list<Task> */
    private function room(Apiary $apiary, YardFlow $flow, YardComing $coming): array
    {
        $more = $flow->filter->nextKg ?? 0.0;
        if ($flow->phase() !== Phase::Strong || $more < self::LEAST_KG) {
            return [];
        }
        $full = array_filter(
            $coming->overview->hives,
            static fn (HiveOverview $hive): bool => $hive->supers !== [] && self::roomKg($hive) < $more,
        );
        if ($full === []) {
            return [];
        }

        return [$this->task(
            $apiary,
            'look',
            trans_choice('time for another super on :hives|time for another super on :hives', count($full), [
                'hives' => implode(', ', array_map(static fn (HiveOverview $one): string => $one->code, array_values($full))),
            ]),
            __('expected within five days:'),
            5,
            $more,
        )];
    }

    /** By the upper end of what its supers may hold: a flow without room is lost. */
    private static function roomKg(HiveOverview $hive): float
    {
        $supers = array_filter($hive->bands, static fn (Band $one): bool => $one->super);
        $kgPerMm = (new CombAssumptions)->superKgPerMm;
        $holds = array_sum(array_map(static fn (Band $one): float => $kgPerMm * $one->heightMm, $supers));

        $held = JudgedSuper::sum($hive->supers);

        return $holds - $held->kg - Normal::EIGHTY * $held->sdKg();
    }

    private function task(
        Apiary $apiary,
        string $glyph,
        string $words,
        string $detail,
        int $urgency,
        ?float $kg = null,
    ): Task {
        return new Task(
            $apiary->slug,
            $glyph,
            $words,
            $detail,
            route('watch.yard', $apiary->slug, false),
            1,
            null,
            $urgency,
            $kg,
        );
    }
}
