<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * An apiary as a surveyor would cut it: stands along a ground line, stacks to true scale, verdict marks beside
 * the boxes. Every hive and box is a link; the words of each are in its label.
 */
final readonly class Elevation
{
    /** Width that is drawn where no box stands, mm. */
    public const LEAST_MM = 413.0;

    private const STAND_MM = 230.0;

    private const FLOOR_MM = 28.0;

    private const ROOF_MM = 52.0;

    private const EXCLUDER_MM = 14.0;

    private const LEAST_STACK_MM = 250.0;

    /** Room a board or a lifted stack leaves open, mm. */
    private const LIFT_MM = 95.0;

    private const ABOVE = 16.0;

    private const WIDTH = 708.0;

    private BoxSection $section;

    public function __construct(private float $pxPerMm = 0.13, private bool $marks = true)
    {
        $this->section = new BoxSection($pxPerMm, $pxPerMm >= 0.16);
    }

    /**
     * @param  list<DrawnHive>  $hives
     * @param  string  $label  the drawing's name for those who do not see it
     */
    public function of(array $hives, string $label): ElevationPicture
    {
        $lines = $hives === [] ? 0 : max(array_map(static fn (DrawnHive $hive): int => count($hive->under), $hives));
        $below = 28.0 + 16.0 * $lines;
        $pitch = $this->pitch($hives);
        $drawn = [];
        $before = null;
        foreach ($hives as $hive) {
            $drawn[] = $this->hive($hive, $pitch, $below, $before);
        }

        return new ElevationPicture($drawn, $label);
    }

    /**
     * Width of one hive's drawing: a chart under the elevation stands on the same columns.
     *
     * @param  list<DrawnHive>  $hives
     */
    public function pitch(array $hives): float
    {
        $widths = array_map(static fn (DrawnHive $hive): float => $hive->widthMm(), $hives);

        return $this->pitchOf(max([self::LEAST_MM, ...$widths]), count($hives));
    }

    public function pitchOf(float $widestMm, int $hives): float
    {
        $least = $widestMm * $this->pxPerMm + ($this->marks ? 23.0 : 8.0);

        return floor(max($least, min(1.35 * $least, self::WIDTH / max(1, $hives))));
    }

    /** @param  ?float  $before  height of the reserve line at the hive before */
    private function hive(DrawnHive $hive, float $pitch, float $below, ?float &$before): HivePicture
    {
        $lift = $hive->reserveAfter === null ? 0.0 : self::LIFT_MM;
        $stack = max(self::LEAST_STACK_MM, $hive->heightMm() + self::EXCLUDER_MM + $lift);
        $under = self::ROOF_MM + self::FLOOR_MM + self::STAND_MM;
        $ground = ceil(self::ABOVE + ($stack + $under) * $this->pxPerMm);
        $width = $hive->widthMm() * $this->pxPerMm;
        $left = 0.5 * ($pitch - $width) - ($this->marks ? 6.0 : 0.0);
        $canvas = (new Canvas)->rect('selw', 1.0, 0.0, $pitch - 2.0, $ground + $below);
        $y = $this->stand($canvas, $left, $width, $ground);
        $y = $this->stack($canvas, $hive, $left, $width, $y);
        $this->reserve($canvas, $hive, $pitch, $ground, $before);
        $this->roof($canvas, $hive, $left, $width, $y);
        $this->code($canvas, $hive, $left + 0.5 * $width, $ground, $pitch, $below);

        return new HivePicture($hive->code, $pitch, $ground + $below, $ground, $canvas->shapes());
    }

    /** @return float where the lowest box stands */
    private function stand(Canvas $canvas, float $left, float $width, float $ground): float
    {
        $s = $this->pxPerMm;
        $leg = max(1.5, 22.0 * $s);
        $top = $ground - self::STAND_MM * $s;
        $floor = $top - self::FLOOR_MM * $s;
        $canvas->rect('leg', $left + 0.16 * $width, $top, $leg, self::STAND_MM * $s)
            ->rect('leg', $left + 0.84 * $width - 22.0 * $s, $top, $leg, self::STAND_MM * $s)
            ->rect('wall', $left - 1.5, $floor, $width + 3.0, self::FLOOR_MM * $s);

        return $floor;
    }

    /** @return float the top of the uppermost box */
    private function stack(Canvas $canvas, DrawnHive $hive, float $left, float $width, float $y): float
    {
        $s = $this->pxPerMm;
        $layers = BoxSection::layers();
        foreach ($hive->boxes as $i => $box) {
            if ($hive->hasExcluderUnder($i)) {
                $canvas->line('exc', $left - 4.0, $y - 1.0, $left + $width + 4.0, $y - 1.0)
                    ->line('exc', $left - 4.0, $y - 3.0, $left + $width + 4.0, $y - 3.0);
                $y -= self::EXCLUDER_MM * $s;
            }
            $y -= ($hive->reserveAfter === $i ? self::LIFT_MM * $s : 0.0) + $box->heightMm * $s;
            $x = $left + 0.5 * ($width - $box->widthMm * $s);
            $this->box($canvas, $box, $x, $y, $left + $width);
            $this->section->inside($layers, $box, $x, $y);
            $layers->add('joint', Canvas::at('M', $x, $y).'h'.round($box->widthMm * $s, 1));
        }
        // Over all boxes at once, and not in the way of their links.
        $canvas->within('g', ['class' => 'inside'], $layers->on(...));

        return $y;
    }

    private function box(Canvas $canvas, DrawnBox $box, float $x, float $y, float $right): void
    {
        $inside = function (Canvas $canvas) use ($box, $x, $y, $right): void {
            $width = $box->widthMm * $this->pxPerMm;
            $height = $box->heightMm * $this->pxPerMm;
            $this->section->ground($canvas->title($box->words), $box, $x, $y);
            $canvas->rect('chosen', $x - 2.0, $y - 1.0, $width + 4.0, $height + 2.0);
            if ($this->marks && $box->mark !== null) {
                $canvas->glyph("v-$box->mark", 'gl', $right + 4.0, $y + 0.5 * $height - 7.0, 14.0);
            }
        };
        $box->href === null
            ? $canvas->within('g', [], $inside)
            : $canvas->link($box->href, $box->words, $inside, ['data-box' => $box->id]);
    }

    private function roof(Canvas $canvas, DrawnHive $hive, float $left, float $width, float $y): void
    {
        $s = $this->pxPerMm;
        $high = self::ROOF_MM * $s;
        $canvas->rect('wall', $left - 2.5, $y - $high, $width + 5.0, max(1.6, 14.0 * $s))->path(
            'roof',
            Canvas::at('M', $left - 2.0, $y - $high).sprintf('v%.1fh%.1fv%.1f', $high, $width + 4.0, -$high),
        );
        if ($hive->boxes === []) {
            $canvas->text('t12 soft', $left + 0.5 * $width, $y - 10.0 - $high, __('no box'), 'middle');
        }
    }

    /** The reserve line over this hive, with its step from the one before. */
    private function reserve(Canvas $canvas, DrawnHive $hive, float $pitch, float $ground, ?float &$before): void
    {
        if ($hive->reserveAfter === null) {
            return;
        }
        $mm = self::STAND_MM + self::FLOOR_MM + 0.5 * self::LIFT_MM;
        foreach (array_slice($hive->boxes, 0, $hive->reserveAfter) as $i => $box) {
            $mm += $box->heightMm + ($hive->hasExcluderUnder($i) ? self::EXCLUDER_MM : 0.0);
        }
        $y = round($ground - $mm * $this->pxPerMm, 1);
        $from = $ground - ($before ?? $ground - $y);
        $before = $ground - $y;
        $canvas->line('resl step', 1.0, $from, 1.0, $y)->line('resl', 0.0, $y, $pitch, $y);
    }

    /** What is meant to be done with the queen: a crown is bred from, a cross gives way, an eye is watched. */
    private function mark(Canvas $canvas, DrawnHive $hive, float $x, float $y): void
    {
        $shape = match ($hive->mark) {
            'breed' => Canvas::at('M', $x, $y + 4.0).'v-7l3 3 3-4 3 4 3-3v7z',
            'replace' => Canvas::at('M', $x, $y - 4.0).'l8 8m0-8l-8 8',
            default => Canvas::at('M', $x, $y).'q5-7 10 0q-5 7-10 0zm5-1v2',
        };
        $canvas->titled($hive->marked, static fn (Canvas $inside) => $inside->path('qmark', $shape));
    }

    private function code(
        Canvas $canvas,
        DrawnHive $hive,
        float $centre,
        float $ground,
        float $pitch,
        float $below,
    ): void {
        $words = function (Canvas $canvas) use ($hive, $centre, $ground, $pitch, $below): void {
            // On a phone a thumb covers more than a box: anywhere on the hive opens it (its boxes are larger then).
            if ($hive->href !== null) {
                $canvas->rect('thumb', 1.0, 0.0, $pitch - 2.0, $ground + $below);
            }
            $canvas->text('t14 b', $centre, $ground + 22.0, $hive->code, 'middle');
            if ($hive->mark !== null) {
                $this->mark($canvas, $hive, $centre + 5.0 * strlen($hive->code) + 5.0, $ground + 17.0);
            }
            foreach ($hive->under as $i => $line) {
                $canvas->text('t13 soft', $centre, $ground + 38.0 + 16.0 * $i, $line, 'middle');
            }
        };
        if ($hive->href === null) {
            $words($canvas);

            return;
        }
        $link = ['class' => 'hivecode', 'href' => $hive->href, 'data-code' => $hive->code];
        $canvas->within('a', $link, static function (Canvas $canvas) use ($words, $centre, $ground): void {
            $canvas->rect('hit', $centre - 24.0, $ground + 4.0, 48.0, 26.0);
            $words($canvas);
        });
    }
}
