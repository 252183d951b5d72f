<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\HoneyRoom\BlendResult;
use Marjoram\Core\HoneyRoom\WetBucket;

/** A blend as levels in a tank, the driest poured first; beside it what is left. */
final readonly class BlendPicture
{
    private const WIDTH = 350.0;

    private const TANK = 150.0;

    private const HIGH = 220.0;

    private const LEAST_LEVEL = 15.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(BlendResult $blend, float $limitPct): Picture
    {
        $canvas = new Canvas;
        $bottom = 16.0 + $this->height($blend);
        $y = $bottom;
        $free = $bottom + self::LEAST_LEVEL;
        foreach ($blend->take as $one) {
            $height = $one->kg / max(1e-9, $blend->kg) * $this->height($blend);
            $y -= $height;
            $canvas->rect($one->waterPct <= $limitPct ? 'cap' : 'opn', 2.0, $y, self::TANK, $height)
                ->line('joint', 2.0, $y, 2.0 + self::TANK, $y);
            // A thin level gets its words on a line of its own.
            $free = min($free - self::LEAST_LEVEL, $y + 0.5 * $height + 5.0);
            $canvas->text('t13', self::TANK + 12.0, $free, $this->words($one));
        }
        $canvas->path('bk', Canvas::at('M', 2.0, 8.0)."V{$bottom}h".self::TANK.'V8');

        $size = ['width' => self::WIDTH, 'height' => round($bottom + 8.0, 1)];
        $label = __('The blend, by levels');

        return new Picture(self::WIDTH, $bottom + 8.0, $canvas->shapes(), $label, 'part', false, $size);
    }

    private function height(BlendResult $blend): float
    {
        return max(self::HIGH, self::LEAST_LEVEL * count($blend->take));
    }

    private function words(WetBucket $one): string
    {
        return __(':bucket: :kg, :water', [
            'bucket' => $one->id,
            'kg' => $this->format->kg($one->kg),
            'water' => $this->format->water($one->waterPct),
        ]);
    }
}
