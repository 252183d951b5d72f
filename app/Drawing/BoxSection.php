<?php

declare(strict_types=1);

namespace App\Drawing;

use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/**
 * One box cut across its frames: each comb stands upright, its face A left of the midrib and B right of it,
 * filled from the top bar downwards as bees fill it. A few paths, however many frames and boxes there are.
 */
final readonly class BoxSection
{
    private const CLASSES = ['capped' => 'cap', 'open' => 'opn', 'pollen' => 'pol', 'brood' => 'brd'];

    /** The rest of a face of which nobody said whether it is open or empty. */
    private const UNSTATED = 'unk';

    private const PASSAGE_MM = 6.5;

    public function __construct(private float $pxPerMm, private bool $fine = true)
    {
    }

    /** What the insides of boxes are drawn in, the lowest first. */
    public static function layers(): Layers
    {
        $seen = [...array_values(self::CLASSES), self::UNSTATED];
        $presumed = array_map(static fn (string $class): string => "$class pre", $seen);

        return new Layers('wall', ...$seen, ...$presumed, ...['slo', 'slo dash', 'tbar', 'joint']);
    }

    /** A box by itself whose outer top left corner is at (x, y). */
    public function draw(Canvas $canvas, DrawnBox $box, float $x, float $y): void
    {
        $layers = self::layers();
        $this->ground($canvas, $box, $x, $y);
        $this->inside($layers, $box, $x, $y);
        $layers->on($canvas);
    }

    public function ground(Canvas $canvas, DrawnBox $box, float $x, float $y): void
    {
        $canvas->rect('slot', $x, $y, $box->widthMm * $this->pxPerMm, $box->heightMm * $this->pxPerMm);
    }

    /** Its walls and combs, over its ground. */
    public function inside(Layers $layers, DrawnBox $box, float $x, float $y): void
    {
        $wall = max(1.0, ($box->widthMm - $box->insideMm) / 2.0 * $this->pxPerMm);
        $width = $box->widthMm * $this->pxPerMm;
        $height = $box->heightMm * $this->pxPerMm;
        $layers->add('wall', Canvas::box($x, $y, $wall, $height))
            ->add('wall', Canvas::box($x + $width - $wall, $y, $wall, $height));
        $this->combs($layers, $box, $x + $wall, $y, $width - 2.0 * $wall, $height);
    }

    private function combs(Layers $layers, DrawnBox $box, float $x, float $y, float $inner, float $height): void
    {
        $count = max(1, count($box->slots));
        $pitch = $inner / $count;
        $comb = $pitch * (1.0 - self::PASSAGE_MM / max(7.0, $box->insideMm / $count));
        $bar = max(0.8, 0.045 * $height);
        $top = $y + 0.055 * $height;
        $depth = $height * 0.9 - $bar;
        foreach ($box->slots as $i => $slot) {
            if ($slot->gap) {
                continue;
            }
            $left = $x + $i * $pitch + 0.5 * ($pitch - $comb);
            $layers->add('tbar', Canvas::box($left - 0.1 * $comb, $top, 1.2 * $comb, $bar));
            if ($this->fine || ! $slot->seen) {
                $layers->add($slot->seen ? 'slo' : 'slo dash', Canvas::box($left, $top + $bar, $comb, $depth));
            }
            $this->comb($layers, $slot, $left, $top + $bar, $comb, $depth);
        }
    }

    private function comb(Layers $layers, DrawnSlot $slot, float $x, float $y, float $width, float $depth): void
    {
        $more = $slot->seen ? '' : ' pre';
        if (! $this->fine) {
            self::face($layers, $slot->a->meanWith($slot->b), $more, $x, $y, $width, $depth);

            return;
        }
        self::face($layers, $slot->a, $more, $x, $y, 0.5 * $width, $depth);
        self::face($layers, $slot->b, $more, $x + 0.5 * $width, $y, 0.5 * $width, $depth);
    }

    private static function face(
        Layers $layers,
        Face $face,
        string $more,
        float $x,
        float $y,
        float $width,
        float $depth,
    ): void {
        foreach (Content::cases() as $content) {
            $height = $face->share($content) * $depth;
            if ($height >= 0.15) {
                $layers->add(self::CLASSES[$content->value].$more, Canvas::box($x, $y, $width, $height));
                $y += $height;
            }
        }
        if (! $face->saysOpen()) {
            $layers->add(self::UNSTATED.$more, Canvas::box($x, $y, $width, $face->empty() * $depth));
        }
    }
}
