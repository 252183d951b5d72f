<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Apiary\Operation\CurrentOperation;
use App\Drawing\Canvas;
use App\Drawing\Picture;

/** The first three tanks as they settle: clear from below. On the bench, and above the list of batches. */
final readonly class TankPicture
{
    private const WIDTH = 240.0;

    private const FLOOR = 118.0;

    private const HEIGHT = 126.0;

    public function __construct(private CurrentOperation $current)
    {
    }

    /** @param  list<BatchState>  $batches */
    public function of(array $batches): Picture
    {
        $canvas = new Canvas;
        foreach (array_slice($batches, 0, 3) as $i => $batch) {
            $x = 6.0 + 78.0 * $i;
            $level = $batch->kg > 0.0 ? 86.0 * $batch->leftKg() / $batch->kg : 0.0;
            $clear = $batch->cleared($this->current->now());
            $canvas->rect('opn', $x, self::FLOOR - $level, 64.0, (1.0 - $clear) * $level)
                ->rect('cap', $x, self::FLOOR - $clear * $level, 64.0, $clear * $level)
                ->path('bk', Canvas::at('M', $x, 24.0).'V'.self::FLOOR.'h64V24')
                ->text('t14 b', $x + 32.0, 16.0, $batch->batch->code, 'middle');
        }
        $canvas->line('gnd', 0.0, self::FLOOR, self::WIDTH, self::FLOOR);
        $label = __('Settling: :n', ['n' => count($batches)]);

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), $label, 'part station');
    }
}
