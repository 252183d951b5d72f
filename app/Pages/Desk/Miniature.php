<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Overview\Band;
use App\Apiary\Overview\YardOverview;
use App\Drawing\Canvas;
use App\Drawing\Layers;
use App\Drawing\Picture;

/** A yard the size of a stamp: boxes as bands filled to their share of capped honey. */
final class Miniature
{
    private const PX_PER_MM = 0.029;

    private const GROUND = 62.0;

    private const FLOOR = 57.0;

    public static function of(YardOverview $yard): Picture
    {
        $pitch = min(22.0, 196.0 / max(1, count($yard->hives)));
        $wide = min(12.0, $pitch - 3.0);
        $layers = new Layers('leg2', 'bxo', 'bxo dash', 'cap', 'brd', 'lid');
        foreach (array_values($yard->hives) as $i => $hive) {
            self::hive($layers, $hive->bands, 14.0 + $i * $pitch, $wide);
        }
        $canvas = (new Canvas)->line('gnd', 0.0, self::GROUND, 220.0, self::GROUND);
        $layers->on($canvas);
        $more = ['width' => 220, 'height' => 66, 'aria-hidden' => 'true'];

        return new Picture(220.0, 66.0, $canvas->shapes(), '', 'mini', more: $more);
    }

    /** @param  list<Band>  $bands */
    private static function hive(Layers $layers, array $bands, float $x, float $wide): void
    {
        $legs = Canvas::at('M', $x + 2.0, self::FLOOR).'v5'.Canvas::at('M', $x + $wide - 2.0, self::FLOOR).'v5';
        $layers->add('leg2', $legs);
        $y = self::FLOOR;
        foreach ($bands as $band) {
            $height = max(3.0, $band->heightMm * self::PX_PER_MM);
            $y -= $height;
            $unseen = $band->super && ! $band->seen;
            $layers->add($unseen ? 'bxo dash' : 'bxo', Canvas::box($x, $y, $wide, $height));
            $inner = static fn (float $top, float $high): string => Canvas::box($x + 0.6, $top, $wide - 1.2, $high);
            if (! $band->super) {
                $layers->add('brd', $inner($y + $height * 0.5, $height * 0.45));
            } elseif ($band->filled > 0.0) {
                $layers->add('cap', $inner($y + 0.5, ($height - 1.0) * $band->filled));
            }
        }
        $layers->add('lid', Canvas::at('M', $x - 1.5, $y - 0.8).'h'.round($wide + 3.0, 1));
    }
}
