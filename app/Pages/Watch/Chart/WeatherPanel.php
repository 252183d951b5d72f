<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** The weather as it matters to foragers: columns as high as the share of a day of full flight, warmth as a line. */
final readonly class WeatherPanel
{
    private const COLD_C = 5.0;

    private const HOT_C = 35.0;

    private const LIKELY = 0.35;

    public function __construct(private Formatter $format, private float $top, private float $floor)
    {
    }

    public function on(Canvas $canvas, Watched $watched): void
    {
        $zone = $watched->window->from->getTimezone();
        $high = $this->floor - $this->top;
        $flight = $ahead = $line = $rain = '';
        foreach ($watched->weather as $date => $day) {
            $at = new DateTimeImmutable($date, $zone);
            $x = WatchPicture::x($watched->window, $at);
            $wide = WatchPicture::x($watched->window, $at->modify('+1 day')) - $x;
            $share = $day->flight() ?? 0.0;
            $box = Canvas::box($x + 0.08 * $wide, $this->floor - $share * $high, 0.84 * $wide, $share * $high);
            $at > $watched->now ? $ahead .= $box : $flight .= $box;
            // Likely rain hangs from above, as long as it is likely.
            $chance = $day->rainChance ?? 0.0;
            if ($chance >= self::LIKELY) {
                $rain .= Canvas::box($x + 0.35 * $wide, $this->top, 0.3 * $wide, 0.5 * $chance * $high);
            }
            $warm = ($watched->warmest[$date] - self::COLD_C) / (self::HOT_C - self::COLD_C);
            $y = $this->floor - max(0.0, min(1.0, $warm)) * $high;
            $line .= Canvas::at($line === '' ? 'M' : 'L', $x + 0.5 * $wide, $y);
        }
        $canvas->path('sky', $flight)->path('sky pr', $ahead)->path('rain', $rain)->path('warm', $line)
            ->line('gnd', WatchPicture::LEFT, $this->floor, WatchPicture::RIGHT, $this->floor)
            ->text('t12 soft halo2', WatchPicture::LEFT + 2.0, $this->top + 2.0, $line === ''
                ? __('no weather known for these days')
                : __('flight weather; from above: likely rain; warmth :low to :high', [
                    'low' => $this->format->celsius(self::COLD_C),
                    'high' => $this->format->celsius(self::HOT_C),
                ]));
    }
}
