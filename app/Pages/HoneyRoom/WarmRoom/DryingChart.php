<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Drying\WaterBand;

/** How the water of a stack falls: the band, the readings, the limit, and now. */
final readonly class DryingChart
{
    private const WIDTH = 712.0;

    private const HEIGHT = 220.0;

    private const LEFT = 56.0;

    private const RIGHT = 700.0;

    private const TOP = 30.0;

    private const BOTTOM = 190.0;

    /** As much room as half the name of a day takes. */
    private const LABEL_HOURS = 8.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(DryingStack $stack): Picture
    {
        $values = array_merge(
            array_map(static fn (WaterBand $one): float => $one->hiPct, $stack->bands),
            array_column($stack->readings, 'waterPct'),
            [$stack->limitPct + 0.3],
        );
        $lows = [...array_map(static fn (WaterBand $one): float => $one->loPct, $stack->bands), $stack->limitPct - 0.3];
        $most = ceil(max($values));
        $least = floor(min($lows));
        $last = $stack->bands[count($stack->bands) - 1] ?? $stack->now;
        $x = static fn (float $hour): float => self::LEFT + $hour / $last->hour * (self::RIGHT - self::LEFT);
        $scale = (self::BOTTOM - self::TOP) / ($most - $least);
        $y = static fn (float $pct): float => self::TOP + ($most - $pct) * $scale;
        $canvas = new Canvas;
        for ($pct = $least; $pct <= $most; $pct += max(1.0, ceil(($most - $least) / 5.0))) {
            ChartParts::rule($canvas, self::LEFT, self::RIGHT, $y($pct), $this->format->water($pct));
        }
        for ($day = 0; 24 * $day <= $last->hour - self::LABEL_HOURS; $day++) {
            $words = $this->format->day($stack->since->modify("+$day days"));
            $canvas->text('t14 soft', $x(24.0 * $day), self::BOTTOM + 20.0, $words, 'middle');
        }
        ChartParts::band($canvas, array_map(static fn (WaterBand $one): array => [
            $x($one->hour),
            $y($one->loPct),
            $y($one->waterPct),
            $y($one->hiPct),
        ], $stack->bands));
        $canvas->line('limit', self::LEFT, $y($stack->limitPct), self::RIGHT, $y($stack->limitPct))
            ->text('t14 b halo2', self::RIGHT, $y($stack->limitPct) - 6.0, __('dry enough'), 'end');
        foreach ($stack->readings as $one) {
            $canvas->circle('dot', $x($one->hour), $y($one->waterPct), 5.0);
        }
        ChartParts::thread($canvas, $x($stack->hour), self::TOP - 10.0, self::BOTTOM);
        $canvas->text('t14', $x($stack->hour) + 6.0, self::TOP - 8.0, __('now'));

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), __('Water of :lot in the warm room: now :now, dry enough at :limit', [
            'lot' => $stack->of->lot->code,
            'now' => $this->format->water($stack->now->waterPct),
            'limit' => $this->format->water($stack->limitPct),
        ]));
    }
}
