<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;

/** The weight of each hive on a scale as it was read, and what people put on or took off. */
final readonly class WeightPanel
{
    private const LINES = ['wline', 'wline two', 'wline three'];

    public function __construct(private Formatter $format, private float $top, private float $floor)
    {
    }

    public function on(Canvas $canvas, Watched $watched): void
    {
        $kg = array_merge([], ...array_map(
            static fn (WeightLine $one): array => array_column($one->points, 1),
            $watched->lines,
        ));
        if ($kg === []) {
            $canvas->text('t13 soft', 0.5 * (WatchPicture::LEFT + WatchPicture::RIGHT), 0.5 * ($this->top + $this->floor),
                __('no weight in these days'), 'middle');

            return;
        }
        [$least, $most] = [min($kg), max($kg)];
        // Round values at both ends, so that the lines keep off the edges.
        $axis = MassAxis::around($this->format, $least, $most);
        $low = $axis->ticks[0][0];
        $scale = ($this->floor - $this->top) / ($axis->ticks[count($axis->ticks) - 1][0] - $low);
        foreach ($axis->ticks as [$kg, $label]) {
            $y = $this->floor - ($kg - $low) * $scale;
            ChartParts::rule($canvas, WatchPicture::LEFT, WatchPicture::RIGHT, $y, $label);
        }
        foreach ($watched->lines as $i => $line) {
            $path = '';
            foreach ($line->points as [$at, $value]) {
                $x = WatchPicture::across($watched->window->shareOf($at));
                $path .= Canvas::at($path === '' ? 'M' : 'L', $x, $this->floor - ($value - $low) * $scale);
            }
            $canvas->path(self::LINES[min($i, 2)], $path);
            if (count($watched->lines) > 1 && $line->points !== []) {
                [$at, $value] = $line->points[count($line->points) - 1];
                $x = min(WatchPicture::RIGHT - 4.0, WatchPicture::across($watched->window->shareOf($at)));
                $y = $this->floor - ($value - $low) * $scale + ($i === 0 ? -6.0 : 15.0);
                $canvas->text('t13 b halo2', $x, $y, $line->hive, 'end');
            }
        }
        $canvas->text('t12 soft halo2', WatchPicture::LEFT + 2.0, $this->top + 10.0, __('weight, :unit', [
            'unit' => $this->format->massUnit(),
        ]));
        Handlings::on($canvas, $watched, $this->format, $this->top);
    }
}
