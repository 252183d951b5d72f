<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * One box cut across its frames: each comb stands upright, its face A left of the midrib and B right of it,
 * filled from the top bar downwards as bees fill it. A few paths a box, however many frames it has.
 */
final readonly class BoxSection
{
    private const LAYERS = ['cap', 'opn', 'pol', 'brd'];

    private const PASSAGE_MM = 6.5;

    public function __construct(private float $pxPerMm, private bool $fine = true)
    {
    }

    /** SVG of the inside of a box whose outer top left corner is at (x, y). */
    public function svg(DrawnBox $box, float $x, float $y): string
    {
        $wall = max(1.0, (($box->widthMm - $box->insideMm) / 2.0) * $this->pxPerMm);
        $width = $box->widthMm * $this->pxPerMm;
        $height = $box->heightMm * $this->pxPerMm;
        $inner = $width - 2.0 * $wall;
        $out =
            self::rect('slot', $x, $y, $width, $height).
            self::rect('wall', $x, $y, $wall, $height).
            self::rect('wall', $x + $width - $wall, $y, $wall, $height);
        $count = max(1, count($box->slots));
        $pitch = $inner / $count;
        $comb = $pitch * (1.0 - self::PASSAGE_MM / max(7.0, $box->insideMm / $count));
        $top = $y + 0.055 * $height;
        $bar = max(0.8, 0.045 * $height);
        $depth = $height * 0.9 - $bar;
        $paths = ['seen' => [], 'pre' => []];
        $outline = ['seen' => '', 'pre' => ''];
        $bars = '';
        foreach ($box->slots as $i => $slot) {
            $left = $x + $wall + $i * $pitch + 0.5 * ($pitch - $comb);
            $kind = $slot['seen'] ? 'seen' : 'pre';
            $bars .= self::path($left - 0.1 * $comb, $top, 1.2 * $comb, $bar);
            $outline[$kind] .= self::path($left, $top + $bar, $comb, $depth);
            $this->fill($paths[$kind], $slot, $left, $top + $bar, $comb, $depth);
        }
        foreach ($paths as $kind => $layers) {
            foreach ($layers as $layer => $d) {
                $out .= '<path class="'.$layer.($kind === 'pre' ? ' pre' : '').'" d="'.$d.'"/>';
            }
        }
        if ($this->fine) {
            $out .= $outline['seen'] === '' ? '' : '<path class="slo" d="'.$outline['seen'].'"/>';
        }
        $out .= $outline['pre'] === '' ? '' : '<path class="slo dash" d="'.$outline['pre'].'"/>';

        return $out.'<path class="tbar" d="'.$bars.'"/>';
    }

    /**
     * @param  array<string, string>  $paths
     * @param  array{seen: bool, a: array{float, float, float, float}, b: array{float, float, float, float}}  $slot
     */
    private function fill(array &$paths, array $slot, float $x, float $y, float $comb, float $depth): void
    {
        $halves = $this->fine
            ? [[$slot['a'], $x], [$slot['b'], $x + 0.5 * $comb]]
            : [[self::mean($slot['a'], $slot['b']), $x]];
        $width = $this->fine ? 0.5 * $comb : $comb;
        foreach ($halves as [$shares, $left]) {
            $at = $y;
            foreach (self::LAYERS as $i => $layer) {
                $height = $shares[$i] * $depth;
                if ($height >= 0.15) {
                    $paths[$layer] = ($paths[$layer] ?? '').self::path($left, $at, $width, $height);
                    $at += $height;
                }
            }
        }
    }

    /**
     * @param  array{float, float, float, float}  $a
     * @param  array{float, float, float, float}  $b
     * @return array{float, float, float, float}
     */
    private static function mean(array $a, array $b): array
    {
        return [0.5 * ($a[0] + $b[0]), 0.5 * ($a[1] + $b[1]), 0.5 * ($a[2] + $b[2]), 0.5 * ($a[3] + $b[3])];
    }

    public static function path(float $x, float $y, float $width, float $height): string
    {
        return 'M'.
            round($x, 1).
            ' '.
            round($y, 1).
            'h'.
            round($width, 1).
            'v'.
            round($height, 1).
            'h'.
            round(-$width, 1).
            'z';
    }

    public static function rect(string $class, float $x, float $y, float $width, float $height): string
    {
        return '<rect class="'.
            $class.
            '" x="'.
            round($x, 1).
            '" y="'.
            round($y, 1).
            '" width="'.
            round($width, 1).
            '" height="'.
            round($height, 1).
            '"/>';
    }
}
