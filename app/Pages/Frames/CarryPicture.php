<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Frames\CarryBox;

/** A carrying box as it fills: a bar for each frame, and what it weighs. */
final readonly class CarryPicture
{
    private const WIDTH = 110.0;

    private const BOX = 96.0;

    private const HIGH = 40.0;

    private const LEAST_SLOTS = 10;

    public function __construct(private Formatter $format)
    {
    }

    public function of(CarryBox $carrier): Picture
    {
        $canvas = (new Canvas)->rect('bxo', 1.0, 1.0, self::BOX, self::HIGH);
        $pitch = (self::BOX - 8.0) / max(self::LEAST_SLOTS, count($carrier->frames));
        foreach (array_keys($carrier->frames) as $n) {
            $canvas->rect('cap', 5.0 + $n * $pitch, 5.0, $pitch - 1.5, self::HIGH - 8.0);
        }
        $words = __(':n: :frames, ~:kg', [
            'n' => $carrier->number,
            'frames' => count($carrier->frames),
            'kg' => $this->format->kg($carrier->kg, 0),
        ]);
        $canvas->text('t13', 1.0, self::HIGH + 16.0, $words);
        $size = ['width' => self::WIDTH, 'height' => self::HIGH + 22.0];
        $label = __('Carrying box :words', ['words' => $words]);

        return new Picture(self::WIDTH, self::HIGH + 22.0, $canvas->shapes(), $label, 'part', false, $size);
    }
}
