<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** A tank that clears from below: how much of it is clear at which hour, and now. */
final readonly class SettleChart
{
    private const WIDTH = 560.0;

    private const TANK = 120.0;

    private const TOP = 16.0;

    private const HIGH = 150.0;

    private const LEFT = 190.0;

    private const WIDE = 350.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(BatchState $state, DateTimeImmutable $now): Picture
    {
        $canvas = new Canvas;
        $bottom = self::TOP + self::HIGH;
        $cleared = $state->cleared($now);
        $full = $state->kg > 0.0 ? $state->leftKg() / $state->kg : 0.0;
        $level = $full * self::HIGH;
        $canvas->rect('opn', 2.0, $bottom - $level, self::TANK, (1.0 - $cleared) * $level)
            ->rect('cap', 2.0, $bottom - $cleared * $level, self::TANK, $cleared * $level)
            ->path('bk', Canvas::at('M', 2.0, self::TOP - 8.0).'V'.$bottom.'h'.self::TANK.'V'.(self::TOP - 8.0))
            ->text('t16 b', 2.0, $bottom + 22.0, $this->format->kg($state->leftKg()));
        $last = 1.25 * $state->hoursToClear;
        $x = static fn (float $hours): float => self::LEFT + $hours / $last * self::WIDE;
        foreach ([0.0, 0.5, 1.0] as $share) {
            ChartParts::rule(
                $canvas,
                self::LEFT,
                self::LEFT + self::WIDE,
                $bottom - $share * self::HIGH,
                $this->format->percent($share),
            );
        }
        $end = $x($state->hoursToClear);
        $canvas->path('mline', Canvas::at('M', self::LEFT, $bottom).Canvas::at('L', $end, self::TOP)
            .Canvas::at('L', self::LEFT + self::WIDE, self::TOP));
        $hours = ($now->getTimestamp() - $state->batch->poured_at->getTimestamp()) / 3600.0;
        ChartParts::thread($canvas, $x(max(0.0, min($last, $hours))), self::TOP - 8.0, $bottom);
        $canvas->text('t14', self::LEFT, $bottom + 20.0, __('poured'))
            ->text('t14', $end, $bottom + 20.0, __('clear after :h', ['h' => $this->format->minutes(60.0 * $state->hoursToClear)]), 'middle');

        return new Picture(self::WIDTH, $bottom + 30.0, $canvas->shapes(), __(':code: :p of it is clear', [
            'code' => $state->batch->code,
            'p' => $this->format->percent($cleared),
        ]));
    }
}
