<?php

declare(strict_types=1);

namespace App\Drawing;

use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/**
 * One box cut across its frames: each comb stands upright, its face A left of the midrib and B right of it,
 * filled from the top bar downwards as bees fill it. A few paths a box, however many frames it has.
 */
final readonly class BoxSection
{
    private const CLASSES = ['capped' => 'cap', 'open' => 'opn', 'pollen' => 'pol', 'brood' => 'brd'];

    private const PASSAGE_MM = 6.5;

    public function __construct(private float $pxPerMm, private bool $fine = true)
    {
    }

    /** The inside of a box whose outer top left corner is at (x, y). */
    public function draw(Canvas $canvas, DrawnBox $box, float $x, float $y): void
    {
        $wall = max(1.0, ($box->widthMm - $box->insideMm) / 2.0 * $this->pxPerMm);
        $width = $box->widthMm * $this->pxPerMm;
        $height = $box->heightMm * $this->pxPerMm;
        $canvas->rect('slot', $x, $y, $width, $height)
            ->rect('wall', $x, $y, $wall, $height)
            ->rect('wall', $x + $width - $wall, $y, $wall, $height);
        $this->combs($canvas, $box, $x + $wall, $y, $width - 2.0 * $wall, $height);
    }

    private function combs(Canvas $canvas, DrawnBox $box, float $x, float $y, float $inner, float $height): void
    {
        $count = max(1, count($box->slots));
        $pitch = $inner / $count;
        $comb = $pitch * (1.0 - self::PASSAGE_MM / max(7.0, $box->insideMm / $count));
        $bar = max(0.8, 0.045 * $height);
        $top = $y + 0.055 * $height;
        $depth = $height * 0.9 - $bar;
        $paths = ['' => [], ' pre' => []];
        $outline = ['' => '', ' pre' => ''];
        $bars = '';
        foreach ($box->slots as $i => $slot) {
            $left = $x + $i * $pitch + 0.5 * ($pitch - $comb);
            $kind = $slot->seen ? '' : ' pre';
            $bars .= Canvas::box($left - 0.1 * $comb, $top, 1.2 * $comb, $bar);
            $outline[$kind] .= Canvas::box($left, $top + $bar, $comb, $depth);
            $this->fill($paths[$kind], $slot, $left, $top + $bar, $comb, $depth);
        }
        foreach ($paths as $kind => $layers) {
            foreach ($layers as $content => $d) {
                $canvas->path(self::CLASSES[$content].$kind, $d);
            }
        }
        $canvas->path('slo', $this->fine ? $outline[''] : '')->path('slo dash', $outline[' pre'])->path('tbar', $bars);
    }

    /** @param  array<string, string>  $paths  by content */
    private function fill(array &$paths, DrawnSlot $slot, float $x, float $y, float $comb, float $depth): void
    {
        if (! $this->fine) {
            self::face($paths, $slot->a->meanWith($slot->b), $x, $y, $comb, $depth);

            return;
        }
        self::face($paths, $slot->a, $x, $y, 0.5 * $comb, $depth);
        self::face($paths, $slot->b, $x + 0.5 * $comb, $y, 0.5 * $comb, $depth);
    }

    /** @param  array<string, string>  $paths  by content */
    private static function face(array &$paths, Face $face, float $x, float $y, float $width, float $depth): void
    {
        foreach (Content::cases() as $content) {
            $height = $face->share($content) * $depth;
            if ($height >= 0.15) {
                $paths[$content->value] = ($paths[$content->value] ?? '').Canvas::box($x, $y, $width, $height);
                $y += $height;
            }
        }
    }
}
