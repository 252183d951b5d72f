<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Numerics\Normal;

/** Capping above, water below, over the days of a super on its hive; bars are the middle 80 %. */
final readonly class HistoryChart
{
    private const LEFT = 48.0;

    private const RIGHT = 472.0;

    private const CAPPED = [16.0, 116.0];

    private const WATER = [140.0, 200.0];

    private const WATER_PCT = [24.0, 15.0];

    public function __construct(private Formatter $format)
    {
    }

    public function of(BoxHistory $history): Picture
    {
        $canvas = new Canvas;
        $this->rules($canvas, $history);
        $days = array_map(static fn (HistoryPoint $one): int => $one->on->getTimestamp(), $history->points);
        $first = min([...$days, PHP_INT_MAX]);
        $span = max([86400, ...array_map(static fn (int $day): int => $day - $first, $days)]);
        $line = '';
        $inner = new Canvas;
        foreach ($history->points as $i => $point) {
            $x = self::LEFT + 14.0 + ($days[$i] - $first) / $span * (self::RIGHT - self::LEFT - 28.0);
            if ($point->capped !== null) {
                $line .= Canvas::at($line === '' ? 'M' : 'L', $x, self::cappedAt($point->capped));
            }
            $this->point($inner, $point, $x);
        }
        $canvas->path('h-line', $line)->add(...$inner->shapes());
        $label = __('Capped part of the honey, and water, of this super over :n inspections', ['n' => count($history->points)]);

        return new Picture(480.0, 224.0, $canvas->shapes(), $label);
    }

    private function point(Canvas $canvas, HistoryPoint $point, float $x): void
    {
        if ($point->capped !== null) {
            $spread = Normal::EIGHTY * $point->cappedSd;
            $low = self::cappedAt(max(0.0, $point->capped - $spread));
            ChartParts::whisker($canvas, $x, $low, self::cappedAt(min(1.0, $point->capped + $spread)));
            $canvas->rect('crop', $x - 5.0, self::cappedAt($point->capped) - 5.0, 10.0, 10.0);
        }
        if ($point->waterPct !== null) {
            $spread = Normal::EIGHTY * $point->waterSdPct;
            $low = self::waterAt($point->waterPct - $spread);
            ChartParts::whisker($canvas, $x, $low, self::waterAt($point->waterPct + $spread));
            $canvas->circle('h-wet', $x, self::waterAt($point->waterPct), 5.0);
        }
        $canvas->text('t12 soft', $x, 218.0, $this->format->day($point->on), 'middle');
    }

    private function rules(Canvas $canvas, BoxHistory $history): void
    {
        foreach ([0, 50, 100] as $percent) {
            ChartParts::rule($canvas, self::LEFT, self::RIGHT, self::cappedAt($percent / 100.0), "$percent %");
        }
        foreach ([16, 20, 24] as $percent) {
            ChartParts::rule($canvas, self::LEFT, self::RIGHT, self::waterAt((float) $percent), "$percent %");
        }
        if ($history->cappedNeeded !== null) {
            $y = self::cappedAt($history->cappedNeeded);
            ChartParts::rule($canvas, self::LEFT, self::RIGHT, $y, class: 'lim');
        }
        ChartParts::rule($canvas, self::LEFT, self::RIGHT, self::waterAt($history->waterMaxPct), class: 'lim');
        $canvas->text('t12 soft', self::LEFT, 10.0, __('honey capped'))->text('t12 soft', self::LEFT, 134.0, __('water'));
    }

    private static function cappedAt(float $share): float
    {
        return self::CAPPED[1] - $share * (self::CAPPED[1] - self::CAPPED[0]);
    }

    private static function waterAt(float $pct): float
    {
        [$wettest, $driest] = self::WATER_PCT;
        $share = ($wettest - min($wettest, max($driest, $pct))) / ($wettest - $driest);

        return self::WATER[0] + $share * (self::WATER[1] - self::WATER[0]);
    }
}
