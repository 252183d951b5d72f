<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardPicture;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Reserve\ReserveResult;

/** The parts of "what if": one box in section, and stores against need on one scale. */
final readonly class WhatIfPicture
{
    private const PX_PER_MM = 0.24;

    private const LEFT = 8.0;

    private const WIDE = 424.0;

    public function __construct(private Formatter $format, private YardPicture $picture)
    {
    }

    public function box(HiveState $hive, BoxState $box): Picture
    {
        $drawn = $this->picture->box($hive, $box, null);
        $width = round($drawn->widthMm * self::PX_PER_MM, 1);
        $height = round($drawn->heightMm * self::PX_PER_MM, 1);
        $canvas = new Canvas;
        (new BoxSection(self::PX_PER_MM))->draw($canvas, $drawn, 0.0, 0.0);
        $canvas->line('joint', 0.0, 0.5, $width, 0.5)->line('joint', 0.0, $height - 0.5, $width, $height - 0.5);

        $size = ['width' => $width, 'height' => $height];

        return new Picture($width, $height, $canvas->shapes(), $drawn->words, '', more: $size);
    }

    public function scale(ReserveResult $result): Picture
    {
        $spread = Normal::EIGHTY * $result->needSdKg;
        $doubt = Normal::EIGHTY * $result->storesSdKg;
        $most = max(
            10.0,
            1.08 * max($result->storesKg + $doubt, $result->needQuantileKg, $result->needMeanKg + $spread),
        );
        $x = static fn (float $kg): float => self::LEFT + max(0.0, $kg) / $most * self::WIDE;
        $canvas = new Canvas;
        foreach (MassAxis::between($this->format, 0.0, $most)->ticks as [$kg, $label]) {
            $canvas->line('rl', $x($kg), 6.0, $x($kg), 72.0)
                ->text('t12 soft', $x($kg), 86.0, $label, 'middle');
        }
        $low = $x($result->needMeanKg - $spread);
        $canvas->rect('mwash', $low, 40.0, $x($result->needMeanKg + $spread) - $low, 28.0)
            ->line('mline', $x($result->needQuantileKg), 36.0, $x($result->needQuantileKg), 72.0)
            ->rect('crop', self::LEFT, 12.0, $x($result->storesKg) - self::LEFT, 18.0);
        ChartParts::whiskerAcross($canvas, 21.0, $x($result->storesKg - $doubt), $x($result->storesKg + $doubt), 4.0);
        $label = __('Stores :stores; needed up to :need', [
            'stores' => $this->format->kg($result->storesKg),
            'need' => $this->format->kg($result->needQuantileKg),
        ]);

        return new Picture(440.0, 92.0, $canvas->shapes(), $label);
    }
}
