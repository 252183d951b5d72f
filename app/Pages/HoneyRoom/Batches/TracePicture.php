<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\JarFill;
use App\Models\JarMove;

/** From the hives to the jars in one drawing: a stream as wide as its kilograms. */
final readonly class TracePicture
{
    private const WIDTH = 760.0;

    private const TOP = 30.0;

    private const HIGH = 200.0;

    private const COLUMNS = [0.0, 200.0, 390.0, 560.0];

    /** Where the stream from a lot to the batch begins. */
    private const STREAM = 284.0;

    private const BAR = 26.0;

    private const LEAST = 22.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(Trace $trace): Picture
    {
        $canvas = new Canvas;
        $whole = max(1e-6, $trace->state->kg);
        $high = max(self::HIGH, self::LEAST * 2.0 * max(count($trace->lots), count($trace->fills) + 1));
        foreach ([__('Hives'), __('Lots and buckets'), __('Batch'), __('Jars')] as $i => $words) {
            $canvas->text('t14 soft', self::COLUMNS[$i], 16.0, $words);
        }
        $y = self::TOP;
        foreach ($trace->lots as $lot) {
            $height = max(self::LEAST, $lot->kg() / $whole * $high);
            $this->lot($canvas, $lot, $y, $height);
            $canvas->rect('stream', self::STREAM, $y, self::COLUMNS[2] - self::STREAM, $height);
            $y += $height + 10.0;
        }
        $canvas->rect('cap', self::COLUMNS[2], self::TOP, self::BAR, $high)
            ->text('t16 b', self::COLUMNS[2] + self::BAR + 6.0, self::TOP + 18.0, $trace->state->batch->code)
            ->text('t14', self::COLUMNS[2] + self::BAR + 6.0, self::TOP + 38.0, $this->format->kg($trace->state->kg));
        $y = self::TOP;
        foreach ($trace->fills as $fill) {
            $height = max(2.0 * self::LEAST, min(1.0, $fill->kg() / $whole) * $high);
            $this->fill($canvas, $fill, $y, $height);
            $y += $height + 10.0;
        }
        if ($trace->state->leftKg() > 0.05) {
            $canvas->text('t14 soft', self::COLUMNS[3], $y + 16.0, __('in the tank: :kg', [
                'kg' => $this->format->kg($trace->state->leftKg()),
            ]));
        }

        return new Picture(self::WIDTH, max($y + 26.0, self::TOP + $high + 12.0), $canvas->shapes(), __('Where the honey of :code came from and went', [
            'code' => $trace->state->batch->code,
        ]));
    }

    private function lot(Canvas $canvas, TracedLot $lot, float $y, float $height): void
    {
        $hives = array_keys($lot->hives());
        $shown = implode(' ', array_slice($hives, 0, 6)).(count($hives) > 6 ? ' …' : '');
        $canvas->text('t14 b', self::COLUMNS[0], $y + 15.0, $lot->lot->harvest->apiary->name)
            ->text('t13 soft', self::COLUMNS[0], $y + 31.0, $shown)
            ->rect('cap', self::COLUMNS[1] - 40.0, $y, self::BAR, $height)
            ->text('t14 b', self::COLUMNS[1], $y + 15.0, $lot->lot->code)
            ->text('t13', self::COLUMNS[1], $y + 31.0, $this->format->kg($lot->kg()));
    }

    private function fill(Canvas $canvas, JarFill $fill, float $y, float $height): void
    {
        $whom = $fill->moves->map(static fn (JarMove $one): string => $one->whom === '' ? __('unknown') : $one->whom)->unique();
        $canvas->line('joint', self::COLUMNS[2] + self::BAR + 70.0, $y + 12.0, self::COLUMNS[3] - 8.0, $y + 12.0)
            ->text('t14 b', self::COLUMNS[3], $y + 15.0, "$fill->count × ".$fill->kind->name)
            ->text('t13 soft', self::COLUMNS[3], $y + 31.0, $whom->isEmpty()
                ? __('on the shelf')
                : __('to :whom', ['whom' => mb_strimwidth($whom->implode(', '), 0, 30, '…')]));
    }
}
