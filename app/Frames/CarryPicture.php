<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Support\Units\Formatter;

/** The carrying boxes as they fill: a bar for each frame, and what each box weighs. */
final readonly class CarryPicture
{
    private const WIDTH = 708.0;

    private const PITCH = 118.0;

    private const BOX = 96.0;

    private const HIGH = 40.0;

    private const ROW = 72.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(FrameSum $sum): Picture
    {
        $canvas = new Canvas;
        $aRow = (int) floor(self::WIDTH / self::PITCH);
        foreach ($sum->carriers as $i => $carrier) {
            $x = ($i % $aRow) * self::PITCH + 2.0;
            $y = intdiv($i, $aRow) * self::ROW + 4.0;
            $canvas->rect('bxo', $x, $y, self::BOX, self::HIGH);
            $pitch = (self::BOX - 8.0) / max(10, count($carrier->frames));
            foreach (array_keys($carrier->frames) as $n) {
                $canvas->rect('cap', $x + 4.0 + $n * $pitch, $y + 4.0, $pitch - 1.5, self::HIGH - 7.0);
            }
            $words = __(':n: :frames, ~:kg', [
                'n' => $carrier->number,
                'frames' => count($carrier->frames),
                'kg' => $this->format->kg($carrier->kg, 0),
            ]);
            $canvas->text('t13', $x, $y + self::HIGH + 16.0, $words);
        }
        $rows = (int) ceil(count($sum->carriers) / $aRow);
        $label = trans_choice('{1} :count carrying box|[0,*] :count carrying boxes', count($sum->carriers));

        return new Picture(self::WIDTH, max(1.0, $rows * self::ROW), $canvas->shapes(), $label);
    }
}
