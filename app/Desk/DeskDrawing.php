<?php

declare(strict_types=1);

namespace App\Desk;

use App\Operation\CurrentOperation;
use App\Support\Units\Formatter;
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

    public function __construct(private CurrentOperation $current, private Formatter $format)
    {
    }

    public function svg(Summary $summary): string
    {
        $today = $this->current->today();
        $pitch = self::WIDTH / (self::BACK + self::AHEAD);
        $height = self::HEAD + self::ROW * count($summary->yards);
        $out = '';
        for ($i = -self::BACK; $i < self::AHEAD; $i++) {
            $day = $today->modify(sprintf('%+d days', $i));
            $x = ($i + self::BACK) * $pitch;
            $out .=
                (int) $day->format('N') >= 6
                    ? '<rect class="wk" x="'.
                        round($x, 1).
                        '" y="16" width="'.
                        round($pitch, 1).
                        '" height="'.
                        ($height - 16).
                        '"/>'
                    : '';
            if ($i === -self::BACK || $day->format('j') === '1') {
                $out .=
                    '<text class="t12 soft" x="'.
                    round($x + 2, 1).
                    '" y="12">'.
                    e(__($day->format('F'))).
                    '</text>';
            }
            $out .=
                '<text class="t12'.
                ($i === 0 ? ' b' : '').
                '" text-anchor="middle" x="'.
                round($x + 0.5 * $pitch, 1).
                '" y="28">'.
                $day->format('j').
                '</text>';
        }
        foreach ($summary->yards as $n => $yard) {
            $out .= $this->yard($yard, self::HEAD + $n * self::ROW, $pitch, $today);
        }
        $thread = round((self::BACK + 0.5) * $pitch, 1);

        return '<svg class="desk" viewBox="0 0 '.
            self::WIDTH.
            ' '.
            $height.
            '" role="group" aria-label="'.
            e(__('Flow so far and what to do next, yard by yard')).
            '">'.
            $out.
            '<path class="thread" d="M'.
            $thread.
            ' 32V'.
            $height.
            '"/></svg>';
    }

    private function yard(YardSummary $yard, float $top, float $pitch, DateTimeImmutable $today): string
    {
        $ground = $top + 84.0;
        $gains = array_filter($yard->gains, static fn (?float $gain): bool => $gain !== null);
        $scale = 44.0 / max(1.0, $gains === [] ? 1.0 : max($gains));
        $out =
            '<path class="rl" d="M0 '.
            ($top + self::ROW).
            'H'.
            self::WIDTH.
            '"/><path class="gnd" d="M0 '.
            $ground.
            'H'.
            self::WIDTH.
            '"/><rect class="soil" x="0" y="'.
            $ground.
            '" width="'.
            self::WIDTH.
            '" height="5"/>';
        $out .=
            '<text class="t14 b halo2" x="4" y="'.
            ($top + 18).
            '">'.
            e($yard->name).
            '</text><text class="t13 soft halo2'.
            ($yard->flowPresumed ? ' it' : '').
            '" x="4" y="'.
            ($top + 35).
            '">'.
            e($yard->flow.($yard->flowPresumed ? ' '.__('(presumed)') : '')).
            '</text>';
        foreach ($gains as $date => $gain) {
            $x = (TaskList::days($today, new DateTimeImmutable((string) $date)) + self::BACK) * $pitch;
            $bar = max(1.0, abs($gain) * $scale);
            $out .= sprintf(
                '<rect class="fbar%s%s" x="%.1f" y="%.1f" width="%.1f" height="%.1f"/>',
                $yard->flowPresumed ? ' pr' : '',
                $gain < 0 ? ' loss' : '',
                $x + 0.17 * $pitch,
                $gain < 0 ? $ground : $ground - $bar,
                0.66 * $pitch,
                $bar,
            );
        }
        if ($yard->offBy !== null) {
            $x = round((TaskList::days($today, new DateTimeImmutable($yard->offBy)) + self::BACK + 0.5) * $pitch, 1);
            if ($x < self::WIDTH) {
                $out .=
                    '<path class="lim" d="M'.
                    $x.
                    ' '.
                    $top.
                    'V'.
                    ($top + self::ROW - 2).
                    '"/><text class="t12 halo2" text-anchor="end" x="'.
                    ($x - 4).
                    '" y="'.
                    ($top + self::ROW - 6).
                    '">'.
                    e(__('off by :day', ['day' => $this->format->day(new DateTimeImmutable($yard->offBy))])).
                    '</text>';
            }
        }
        foreach (array_slice($yard->tasks, 0, 3) as $i => $task) {
            $out .= $this->task($task, $top + 6.0 + 22.0 * $i, $ground, $pitch);
        }

        return $out;
    }

    private function task(Task $task, float $y, float $ground, float $pitch): string
    {
        $days = max(0, min(self::AHEAD - 1, $task->from));
        $x = round(($days + self::BACK + 0.5) * $pitch, 1);
        $detail = $task->detail.($task->kg === null ? '' : ' ~'.$this->format->kg($task->kg, 0));
        $right = $x > self::WIDTH - 210.0;
        $bar =
            $task->until !== null && $task->until > $task->from
                ? '<rect class="mbar" x="'.
                    $x.
                    '" y="'.
                    ($ground + 8).
                    '" width="'.
                    round(($task->until - $task->from) * $pitch, 1).
                    '" height="4"/>'
                : '';

        return '<a href="'.
            e($task->href).
            '" aria-label="'.
            e($task->words.' '.$detail).
            '"><path class="stake" d="M'.
            $x.
            ' '.
            $y.
            'V'.
            $ground.
            '"/>'.
            $bar.
            '<use href="#v-'.
            $task->glyph.
            '" class="gl plan" x="'.
            ($right ? $x - 20 : $x + 5).
            '" y="'.
            $y.
            '" width="15" height="15"/>'.
            '<text class="t13 halo2" text-anchor="'.
            ($right ? 'end' : 'start').
            '" x="'.
            ($right ? $x - 25 : $x + 25).
            '" y="'.
            ($y + 12).
            '">'.
            e($task->words).
            ' <tspan class="soft">'.
            e($detail).
            '</tspan></text></a>';
    }
}
