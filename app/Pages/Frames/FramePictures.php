<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/** One frame seen from its end, its two faces beside each other, filled from the top bar down. */
final class FramePictures
{
    private const CLASSES = ['capped' => 'cap', 'open' => 'opn', 'pollen' => 'pol', 'brood' => 'brd'];

    private const WIDTH = 26.0;

    private const HEIGHT = 44.0;

    private const BAR = 4.0;

    public function of(FrameOffer $offer): Picture
    {
        $frame = $offer->held->frame;
        $canvas = (new Canvas)->rect('tbar', 0.0, 0.0, self::WIDTH, self::BAR);
        $more = $offer->held->seen ? '' : ' pre';
        $half = 0.5 * (self::WIDTH - 4.0);
        foreach ([[$frame->a, 2.0], [$frame->b, 2.0 + $half]] as [$face, $x]) {
            self::face($canvas, $face, $x, $half, $more);
        }
        $canvas->rect(
            $offer->held->seen ? 'slo' : 'slo dash',
            2.0,
            self::BAR,
            self::WIDTH - 4.0,
            self::HEIGHT - self::BAR,
        );
        $size = ['width' => self::WIDTH, 'height' => self::HEIGHT, 'aria-hidden' => 'true'];

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), '', 'part', false, $size);
    }

    private static function face(Canvas $canvas, Face $face, float $x, float $width, string $more): void
    {
        $y = self::BAR;
        foreach (Content::cases() as $content) {
            $height = $face->share($content) * (self::HEIGHT - self::BAR);
            if ($height >= 0.5) {
                $canvas->rect(self::CLASSES[$content->value].$more, $x, $y, $width, $height);
                $y += $height;
            }
        }
    }
}
