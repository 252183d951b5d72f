<?php

declare(strict_types=1);

namespace App\Assess;

use App\Support\Units\Formatter;

/** Capping above, water below, over the days of a super on its hive; bars are the middle 80 %. */
final readonly class HistoryChart
{
    private const WIDTH = 480.0;

    private const LEFT = 48.0;

    private const RIGHT = 472.0;

    private const CAPPED = [16.0, 116.0];

    private const WATER = [140.0, 200.0];

    private const WATER_PCT = [24.0, 15.0];

    public function __construct(private Formatter $format)
    {
    }

    public function svg(BoxHistory $history, string $title): string
    {
        $points = $history->points;
        $first = $points[0]['on']->getTimestamp();
        $last = max($points[count($points) - 1]['on']->getTimestamp(), $first + 86400);
        $x = static fn (int $at): float => self::LEFT +
            14.0 +
            (($at - $first) / ($last - $first)) * (self::RIGHT - self::LEFT - 28.0);
        $capped = static fn (float $share): float => self::CAPPED[1] - $share * (self::CAPPED[1] - self::CAPPED[0]);
        $water = static fn (float $pct): float => self::WATER[0] +
            ((self::WATER_PCT[0] - min(self::WATER_PCT[0], max(self::WATER_PCT[1], $pct))) /
                (self::WATER_PCT[0] - self::WATER_PCT[1])) *
                (self::WATER[1] - self::WATER[0]);
        $out = $this->axes($history, $capped, $water);
        $line = '';
        foreach ($points as $point) {
            $at = $x($point['on']->getTimestamp());
            if ($point['capped'] !== null) {
                $line .= sprintf('%s%.1f %.1f', $line === '' ? 'M' : 'L', $at, $capped($point['capped']));
                $out .=
                    $this->whisker(
                        $at,
                        $capped(max(0.0, $point['capped'] - 1.2816 * $point['sd'])),
                        $capped(min(1.0, $point['capped'] + 1.2816 * $point['sd'])),
                    ).
                    sprintf(
                        '<rect class="crop" x="%.1f" y="%.1f" width="10" height="10"/>',
                        $at - 5.0,
                        $capped($point['capped']) - 5.0,
                    );
            }
            if ($point['water'] !== null) {
                $out .=
                    $this->whisker(
                        $at,
                        $water($point['water'] - 1.2816 * $point['waterSd']),
                        $water($point['water'] + 1.2816 * $point['waterSd']),
                    ).sprintf('<circle class="h-wet" cx="%.1f" cy="%.1f" r="5"/>', $at, $water($point['water']));
            }
            $out .= sprintf(
                '<text class="t12 soft" x="%.1f" y="218" text-anchor="middle">%s</text>',
                $at,
                e($this->format->day($point['on'])),
            );
        }

        return '<svg class="chart" viewBox="0 0 '.
            self::WIDTH.
            ' 224" role="img" aria-label="'.
            e($title).
            '"><path class="h-line" d="'.
            $line.
            '"/>'.
            $out.
            '</svg>';
    }

    /**
     * @param  callable(float): float  $capped
     * @param  callable(float): float  $water
     */
    private function axes(BoxHistory $history, callable $capped, callable $water): string
    {
        $out = '';
        foreach ([0, 50, 100] as $percent) {
            $out .= $this->rule($capped($percent / 100.0), $percent.' %', 'rl');
        }
        foreach ([16, 20, 24] as $percent) {
            $out .= $this->rule($water((float) $percent), $percent.' %', 'rl');
        }
        if ($history->cappedNeeded !== null) {
            $out .= $this->rule($capped($history->cappedNeeded), '', 'lim');
        }

        return $out.
            $this->rule($water($history->waterMax), '', 'lim').
            '<text class="t12 soft" x="'.
            self::LEFT.
            '" y="10">'.
            e(__('capped')).
            '</text><text class="t12 soft" x="'.
            self::LEFT.
            '" y="134">'.
            e(__('water')).
            '</text>';
    }

    private function rule(float $y, string $words, string $class): string
    {
        return sprintf('<path class="%s" d="M%.1f %.1fH%.1f"/>', $class, self::LEFT, $y, self::RIGHT).
            ($words === ''
                ? ''
                : sprintf(
                    '<text class="t12 soft" x="%.1f" y="%.1f" text-anchor="end">%s</text>',
                    self::LEFT - 6.0,
                    $y + 4.0,
                    $words,
                ));
    }

    private function whisker(float $x, float $lo, float $hi): string
    {
        return sprintf(
            '<path class="whisk" d="M%1$.1f %2$.1fV%3$.1fM%4$.1f %2$.1fh8M%4$.1f %3$.1fh8"/>',
            $x,
            $lo,
            $hi,
            $x - 4.0,
        );
    }
}
