<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Foundation\Units\Formatter;

/** What people put on the hive or took off, and jumps that nobody explained, as flags: they are no flow. */
final class Handlings
{
    /** A day or so of handling is one flag, px. */
    private const APART = 46.0;

    public static function on(Canvas $canvas, Watched $watched, Formatter $format, float $y): void
    {
        $last = -INF;
        foreach ($watched->flow->handlings() as $one) {
            $at = $one->at->setTimezone($watched->window->from->getTimezone());
            if (! $watched->window->holds($at)) {
                continue;
            }
            $x = WatchPicture::x($watched->window, $at);
            $words = ($one->kg > 0.0 ? '+' : '−').$format->kg(abs($one->kg));
            $flag = Canvas::at('M', $x, $y + 14.0).'v-14h9l-3 4 3 4h-9';
            $canvas->titled(
                __($one->isNoted
                    ? ':kg put on or taken off on :day; not counted as gain'
                    : 'unexplained jump of :kg on :day; not counted as gain', [
                        'kg' => $words,
                        'day' => $format->day($at),
                    ]),
                static fn (Canvas $inside) => $inside->path('flag', $flag),
            );
            if ($x - $last > self::APART) {
                $canvas->text('t12 halo2', $x + 11.0, $y + 8.0, $words);
                $last = $x;
            }
        }
    }
}
