<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * An apiary as a surveyor would cut it: stands along a ground line, stacks to true scale, verdict marks beside
 * the boxes. Every hive and box is a link; the words of each are in its label.
 */
final readonly class Elevation
{
    private const STAND_MM = 230.0;

    private const FLOOR_MM = 28.0;

    private const ROOF_MM = 52.0;

    private const EXCLUDER_MM = 14.0;

    /** Room a board or a lifted stack leaves open, mm. */
    private const LIFT_MM = 95.0;

    private BoxSection $section;

    public function __construct(
        private float $pxPerMm = 0.13,
        private float $widthPx = 708.0,
        private float $marginTop = 16.0,
        private bool $marks = true,
        private bool $codes = true,
    ) {
        $this->section = new BoxSection($pxPerMm, $pxPerMm >= 0.16);
    }

    /**
     * Each hive is a drawing of its own on one ground line, so that the line breaks where the screen ends.
     *
     * @param  list<DrawnHive>  $hives
     * @param  string  $title  the drawing's name for those who do not see it
     */
    public function svg(array $hives, string $title): string
    {
        $widest = 413.0;
        $lines = 0;
        foreach ($hives as $hive) {
            foreach ($hive->boxes as $box) {
                $widest = max($widest, $box->widthMm);
            }
            $lines = max($lines, count($hive->under));
        }
        $pitch = $this->pitch($widest, count($hives));
        $below = $this->codes ? 28.0 + 16.0 * $lines : 8.0;
        $out = '';
        $before = null;
        foreach ($hives as $hive) {
            $stack = max(
                250.0,
                $hive->heightMm() + self::EXCLUDER_MM + ($hive->reserveAfter === null ? 0.0 : self::LIFT_MM),
            );
            $ground = ceil(
                $this->marginTop + ($stack + self::ROOF_MM + self::FLOOR_MM + self::STAND_MM) * $this->pxPerMm,
            );
            $out .= sprintf(
                '<svg class="hive'.
                    ($hive->selected ? ' on' : '').
                    '" data-hive="'.
                    e($hive->code).
                    '" viewBox="0 0 %1$s %2$s" width="%1$s" height="%2$s">%3$s<path class="gnd" d="M0 %4$sH%1$s"/><rect class="soil" x="0" y="%4$s" width="%1$s" height="5"/></svg>',
                $pitch,
                $ground + $below,
                $this->hive($hive, 0.5 * $pitch, $ground, $pitch, $ground + $below, $before),
                $ground,
            );
        }

        return '<div class="elevation" role="group" aria-label="'.e($title).'">'.$out.'</div>';
    }

    /** Width of one hive's drawing in px: a chart under the elevation stands on the same columns. */
    public function pitch(float $widestMm, int $hives): float
    {
        $least = $widestMm * $this->pxPerMm + ($this->marks ? 23.0 : 8.0);

        return floor(max($least, min(1.35 * $least, $this->widthPx / max(1, $hives))));
    }

    /** @param  ?float  $before height of the reserve line at the hive before */
    private function hive(
        DrawnHive $hive,
        float $centre,
        float $ground,
        float $pitch,
        float $height,
        ?float &$before,
    ): string {
        $s = $this->pxPerMm;
        $width =
            $hive->boxes === []
                ? 413.0 * $s
                : max(array_map(static fn (DrawnBox $box): float => $box->widthMm, $hive->boxes)) * $s;
        $left = $centre - 0.5 * $width - ($this->marks ? 6.0 : 0.0);
        $y = $ground - self::STAND_MM * $s;
        $out = BoxSection::rect('selw', 1.0, 0.0, $pitch - 2.0, $height);
        $out .=
            BoxSection::rect('leg', $left + 0.16 * $width, $y, max(1.5, 22.0 * $s), self::STAND_MM * $s).
            BoxSection::rect('leg', $left + 0.84 * $width - 22.0 * $s, $y, max(1.5, 22.0 * $s), self::STAND_MM * $s);
        $y -= self::FLOOR_MM * $s;
        $out .= BoxSection::rect('wall', $left - 1.5, $y, $width + 3.0, self::FLOOR_MM * $s);
        foreach ($hive->boxes as $i => $box) {
            if ($i > 0 && ! $box->brood && $hive->boxes[$i - 1]->brood && $hive->excluder) {
                $out .= sprintf(
                    '<path class="exc" d="M%1$.1f %2$.1fH%3$.1fM%1$.1f %4$.1fH%3$.1f"/>',
                    $left - 4.0,
                    $y - 1.0,
                    $left + $width + 4.0,
                    $y - 3.0,
                );
                $y -= self::EXCLUDER_MM * $s;
            }
            if ($hive->reserveAfter === $i) {
                $y -= self::LIFT_MM * $s;
            }
            $y -= $box->heightMm * $s;
            $out .= $this->box($box, $left + 0.5 * ($width - $box->widthMm * $s), $y, $left + $width);
        }
        $out .= $this->reserve($hive, $pitch, $ground, $before);
        $out .=
            BoxSection::rect('wall', $left - 2.5, $y - self::ROOF_MM * $s, $width + 5.0, max(1.6, 14.0 * $s)).
            sprintf(
                '<path class="roof" d="M%.1f %.1fv%.1fh%.1fv%.1f"/>',
                $left - 2.0,
                $y - self::ROOF_MM * $s,
                self::ROOF_MM * $s,
                $width + 4.0,
                -self::ROOF_MM * $s,
            );
        if ($hive->boxes === []) {
            $out .=
                '<text class="t12 soft" text-anchor="middle" x="'.
                round($centre, 1).
                '" y="'.
                round($y - 10.0 - self::ROOF_MM * $s, 1).
                '">'.
                e(__('no box')).
                '</text>';
        }

        return $out.($this->codes ? $this->code($hive, $left + 0.5 * $width, $ground) : '');
    }

    private function box(DrawnBox $box, float $x, float $y, float $right): string
    {
        $s = $this->pxPerMm;
        $height = $box->heightMm * $s;
        $inside =
            $this->section->svg($box, $x, $y).
            BoxSection::rect('chosen', $x - 2.0, $y - 1.0, $box->widthMm * $s + 4.0, $height + 2.0);
        $inside .=
            '<path class="joint" d="M'.round($x, 1).' '.round($y, 1).'h'.round($box->widthMm * $s, 1).'"/>';
        if ($this->marks && $box->mark !== null) {
            $inside .= sprintf(
                '<use href="#v-%s" class="gl" x="%.1f" y="%.1f" width="14" height="14"/>',
                $box->mark,
                $right + 4.0,
                $y + 0.5 * $height - 7.0,
            );
        }
        $label = '<title>'.e($box->words).'</title>';

        return $box->href === null
            ? '<g>'.$label.$inside.'</g>'
            : '<a data-box="'.
                    e($box->id).
                    '" href="'.
                    e($box->href).
                    '" aria-label="'.
                    e($box->words).
                    '"'.
                    ($box->selected ? ' aria-current="true"' : '').
                    '>'.
                    $label.
                    $inside.
                    '</a>';
    }

    /** The reserve line over this hive, with its step from the one before. */
    private function reserve(DrawnHive $hive, float $pitch, float $ground, ?float &$before): string
    {
        if ($hive->reserveAfter === null) {
            return '';
        }
        $mm = self::STAND_MM + self::FLOOR_MM + 0.5 * self::LIFT_MM;
        foreach (array_slice($hive->boxes, 0, $hive->reserveAfter) as $i => $box) {
            $mm +=
                $box->heightMm +
                ($i > 0 && ! $box->brood && $hive->boxes[$i - 1]->brood && $hive->excluder ? self::EXCLUDER_MM : 0.0);
        }
        $y = round($ground - $mm * $this->pxPerMm, 1);
        $from = round($ground - ($before ?? $ground - $y), 1);
        $before = $ground - $y;

        return "<path class=\"resl step\" d=\"M1 {$from}V$y\"/><path class=\"resl\" d=\"M0 {$y}H$pitch\"/>";
    }

    private function code(DrawnHive $hive, float $centre, float $ground): string
    {
        $text =
            '<text class="t14 b" text-anchor="middle" x="'.
            round($centre, 1).
            '" y="'.
            round($ground + 22.0, 1).
            '">'.
            e($hive->code).
            '</text>';
        foreach ($hive->under as $i => $words) {
            $text .=
                '<text class="t13 soft" text-anchor="middle" x="'.
                round($centre, 1).
                '" y="'.
                round($ground + 38.0 + 16.0 * $i, 1).
                '">'.
                e($words).
                '</text>';
        }

        return $hive->href === null
            ? $text
            : '<a class="hivecode" href="'.
                    e($hive->href).
                    '" data-code="'.
                    e($hive->code).
                    '"'.
                    ($hive->selected ? ' aria-current="true"' : '').
                    '>'.
                    BoxSection::rect('hit', $centre - 24.0, $ground + 4.0, 48.0, 26.0).
                    $text.
                    '</a>';
    }
}
