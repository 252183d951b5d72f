<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\Task;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/**
 * The season desk: each yard's ground line is the zero line of its flow bars, and the stakes of what is to be
 * done stand on it, over eleven days back and eighteen ahead.
 */
final readonly class DeskDrawing
{
    private const BACK = 11;

    private const AHEAD = 18;

    private const WIDTH = 760.0;

    private const ROW = 116.0;

    private const HEAD = 34.0;

    private const PITCH = self::WIDTH / (self::BACK + self::AHEAD);

    public function __construct(private CurrentOperation $current, private Formatter $format)
    {
    }

    public function of(Summary $summary): Picture
    {
        $height = self::HEAD + self::ROW * count($summary->yards);
        $canvas = new Canvas;
        $this->days($canvas, $height);
        foreach ($summary->yards as $n => $yard) {
            $this->yard($canvas, $yard, self::HEAD + $n * self::ROW);
        }
        ChartParts::thread($canvas, (self::BACK + 0.5) * self::PITCH, 32.0, $height);
        $label = __('Flow so far and what to do next, yard by yard');

        return new Picture(self::WIDTH, $height, $canvas->shapes(), $label, 'desk', true);
    }

    private function days(Canvas $canvas, float $height): void
    {
        for ($i = -self::BACK; $i < self::AHEAD; $i++) {
            $day = $this->current->today()->modify(sprintf('%+d days', $i));
            $x = ($i + self::BACK) * self::PITCH;
            if ((int) $day->format('N') >= 6) {
                $canvas->rect('wk', $x, 16.0, self::PITCH, $height - 16.0);
            }
            if ($i === -self::BACK || $day->format('j') === '1') {
                $canvas->text('t12 soft', $x + 2.0, 12.0, __($day->format('F')));
            }
            $class = $i === 0 ? 't12 b' : 't12';
            $canvas->text($class, $x + 0.5 * self::PITCH, 28.0, $day->format('j'), 'middle');
        }
    }

    private function yard(Canvas $canvas, YardSummary $yard, float $top): void
    {
        $ground = $top + 84.0;
        $canvas->line('rl', 0.0, $top + self::ROW, self::WIDTH, $top + self::ROW);
        ChartParts::ground($canvas, $ground, self::WIDTH);
        $flow = $yard->flow;
        $words = $flow->sentence.($flow->presumed ? ' '.__('(estimated)') : '');
        $canvas->text('t14 b halo2', 4.0, $top + 18.0, $yard->name)
            ->text('t13 soft halo2'.($flow->presumed ? ' it' : ''), 4.0, $top + 35.0, $words);
        $this->gains($canvas, $flow, $ground);
        $this->offBy($canvas, $yard, $top);
        foreach (array_slice($yard->tasks, 0, 3) as $i => $task) {
            $this->task($canvas, $task, $top + 6.0 + 22.0 * $i, $ground);
        }
    }

    private function gains(Canvas $canvas, FlowSummary $flow, float $ground): void
    {
        $gains = array_filter($flow->gains, static fn (?float $gain): bool => $gain !== null);
        $scale = 44.0 / max([1.0, ...array_values($gains)]);
        $bars = [];
        foreach ($gains as $date => $gain) {
            $days = Task::daysBetween($this->current->today(), new DateTimeImmutable($date));
            $bars[] = [($days + self::BACK + 0.17) * self::PITCH, $gain];
        }
        ChartParts::gains($canvas, $bars, $ground, 0.66 * self::PITCH, $scale, $flow->presumed);
    }

    private function offBy(Canvas $canvas, YardSummary $yard, float $top): void
    {
        if ($yard->offBy === null) {
            return;
        }
        $days = Task::daysBetween($this->current->today(), $yard->offBy);
        $x = ($days + self::BACK + 0.5) * self::PITCH;
        if ($x < self::WIDTH) {
            $words = __('off by :day', ['day' => $this->format->day($yard->offBy)]);
            $canvas->line('lim', $x, $top, $x, $top + self::ROW - 2.0)
                ->text('t12 halo2', $x - 4.0, $top + self::ROW - 6.0, $words, 'end');
        }
    }

    private function task(Canvas $canvas, Task $task, float $y, float $ground): void
    {
        $days = max(0, min(self::AHEAD - 1, $task->from));
        $x = ($days + self::BACK + 0.5) * self::PITCH;
        $detail = $task->detail.($task->kg === null ? '' : ' ~'.$this->format->kg($task->kg, 0));
        $inside = static function (Canvas $canvas) use ($task, $x, $y, $ground, $detail): void {
            $isLate = $x > self::WIDTH - 210.0;
            $canvas->line('stake', $x, $y, $x, $ground);
            if ($task->until !== null && $task->until > $task->from) {
                $canvas->rect('mbar', $x, $ground + 8.0, ($task->until - $task->from) * self::PITCH, 4.0);
            }
            $canvas->glyph("v-$task->glyph", 'gl plan', $isLate ? $x - 20.0 : $x + 5.0, $y, 15.0)->text(
                't13 halo2 taskwords',
                $isLate ? $x - 25.0 : $x + 25.0,
                $y + 12.0,
                trim("$task->words $detail"),
                $isLate ? 'end' : 'start',
            );
        };
        $canvas->link($task->href, "$task->words $detail", $inside);
    }
}
