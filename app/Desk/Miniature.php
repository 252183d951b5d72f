<?php

declare(strict_types=1);

namespace App\Desk;

use App\Drawing\BoxSection;
use App\YardState\BoxState;

/** A yard the size of a stamp: boxes as bands filled to their share of capped and open honey. */
final class Miniature
{
    private const PX_PER_MM = 0.029;

    /** @param  array<string, list<BoxState>>  $hives boxes from the floor up, by code */
    public static function svg(array $hives, string $name): string
    {
        $pitch = min(22.0, 196.0 / max(1, count($hives)));
        $wide = min(12.0, $pitch - 3.0);
        $out = '<path class="gnd" d="M0 62H220"/>';
        $x = 14.0;
        foreach ($hives as $boxes) {
            $y = 57.0;
            $out .= '<path class="leg2" d="M'.round($x + 2, 1).' 57v5M'.round($x + $wide - 2, 1).' 57v5"/>';
            foreach ($boxes as $box) {
                $height = max(3.0, $box->fitted->kind->externalHeightMm * self::PX_PER_MM);
                $y -= $height;
                $share = $box->ripeness->box->cappedShare ?? 0.0;
                $fill = min(1.0, $box->ripeness->box->fullFrames() / max(1, $box->fitted->framesFitted));
                $class = $box->isSuper() ? ($box->seen() === 0 ? 'bxo dash' : 'bxo') : 'bxo';
                $out .= BoxSection::rect($class, $x, $y, $wide, $height);
                if ($box->isSuper()) {
                    $out .= BoxSection::rect(
                        'cap',
                        $x + 0.6,
                        $y + 0.5,
                        $wide - 1.2,
                        max(0.0, ($height - 1.0) * $fill * $share),
                    );
                } else {
                    $out .= BoxSection::rect('brd', $x + 0.6, $y + $height * 0.5, $wide - 1.2, $height * 0.45);
                }
            }
            $out .=
                '<path class="lid" d="M'.
                round($x - 1.5, 1).
                ' '.
                round($y - 0.8, 1).
                'h'.
                round($wide + 3, 1).
                '"/>';
            $x += $pitch;
        }

        return '<svg class="mini" viewBox="0 0 220 66" width="220" height="66" aria-hidden="true">'.$out.'</svg>';
    }
}
