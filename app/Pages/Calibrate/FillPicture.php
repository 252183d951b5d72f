<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Numerics\Normal;

/** Each weighing as weighed over estimated on one line, with what was presumed above it and what is learnt below it. */
final readonly class FillPicture
{
    private const FROM = 0.6;

    private const TO = 1.4;

    private const TICKS = [0.6, 0.8, 1.0, 1.2, 1.4];

    public function __construct(private Formatter $format)
    {
    }

    public function of(KindFill $fill): Picture
    {
        $canvas = (new Canvas)->line('rl2', 20.0, 52.0, 700.0, 52.0);
        foreach (self::TICKS as $tick) {
            $canvas->line('rl2', self::x($tick), 48.0, self::x($tick), 56.0)
                ->text('t12 soft', self::x($tick), 92.0, sprintf('%.1f', $tick), 'middle');
        }
        foreach ($fill->weighings as $one) {
            $words = __(':weighed weighed, ~:estimate estimated', [
                'weighed' => $this->format->kg($one->weighedKg, 2),
                'estimate' => $this->format->kg($one->estimateKg, 2),
            ]);
            $dot = static fn (Canvas $inside) => $inside->circle('gf gl', self::x($one->ratio()), 52.0, 4.0);
            $canvas->titled($words, $dot);
        }
        self::spread($canvas, 1.0, $fill->learnt->priorSd, 24.0, __('estimated'));
        self::spread($canvas, $fill->learnt->factor, $fill->learnt->sd, 72.0, __('learnt'));
        $label = __('Weighed over estimated for :kind', ['kind' => $fill->kind->name]);

        return new Picture(720.0, 98.0, $canvas->shapes(), $label);
    }

    private static function spread(Canvas $canvas, float $mean, float $sd, float $y, string $words): void
    {
        $high = self::x($mean + Normal::EIGHTY * $sd);
        ChartParts::whiskerAcross($canvas, $y, self::x($mean - Normal::EIGHTY * $sd), $high);
        $canvas->rect('wall', self::x($mean) - 2.0, $y - 6.0, 4.0, 12.0)
            ->text('t12 soft', $high + 8.0, $y + 4.0, $words);
    }

    private static function x(float $ratio): float
    {
        $within = min(self::TO, max(self::FROM, $ratio));

        return 20.0 + ($within - self::FROM) / (self::TO - self::FROM) * 680.0;
    }
}
