<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Hives\BoxKindReader;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\DrawnSlot;
use App\Drawing\Elevation;
use App\Drawing\Picture;
use App\Models\TakenSuper;
use App\Words\Wording;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\Face;

/** Supers and frames that were taken, drawn as they were judged on their hives. */
final readonly class TakenPicture
{
    private const PX_PER_MM = 0.16;

    private const HEIGHT_MM = 168.0;

    private const FRAME_MM = 40.0;

    private const HIGH = 4;

    private const GAP = 8.0;

    public function __construct(private BoxKindReader $kinds, private Wording $say)
    {
    }

    public function one(TakenSuper $super): Picture
    {
        $drawn = $this->box($super);
        $canvas = new Canvas;
        (new BoxSection(self::PX_PER_MM, false))->draw($canvas, $drawn, 1.0, 1.0);
        $width = $drawn->widthMm * self::PX_PER_MM + 2.0;

        return new Picture(
            $width,
            $drawn->heightMm * self::PX_PER_MM + 2.0,
            $canvas->shapes(),
            $super->title(),
            'taken',
            more: ['width' => round($width)],
        );
    }

    /**
     * Whole supers in stacks, then the single frames side by side.
     *
     * @param  Collection<int, TakenSuper>  $supers
     */
    public function all(Collection $supers): Picture
    {
        $frames = $supers->filter(static fn (TakenSuper $one): bool => $one->isFrame());
        $whole = $supers->reject(static fn (TakenSuper $one): bool => $one->isFrame());
        $boxes = array_values($whole->map($this->box(...))->all());
        $section = new BoxSection(self::PX_PER_MM, false);
        $canvas = new Canvas;
        $layers = BoxSection::layers();
        $floor = self::tallest($boxes);
        [$x, $y, $wide] = [0.0, $floor, 0.0];
        foreach ($boxes as $i => $drawn) {
            if ($i > 0 && $i % self::HIGH === 0) {
                [$x, $y, $wide] = [$x + $wide + self::GAP, $floor, 0.0];
            }
            $y -= $drawn->heightMm * self::PX_PER_MM;
            $wide = max($wide, $drawn->widthMm * self::PX_PER_MM);
            $section->ground($canvas, $drawn, $x, $y);
            $section->inside($layers, $drawn, $x, $y);
        }
        $x += $wide > 0.0 ? $wide + self::GAP : 0.0;
        foreach ($frames as $super) {
            $drawn = $this->box($super);
            $section->inside($layers, $drawn, $x, $floor - $drawn->heightMm * self::PX_PER_MM);
            $x += $drawn->widthMm * self::PX_PER_MM + 1.0;
        }
        $layers->on($canvas);
        $canvas->line('gnd', 0.0, $floor, $x, $floor);

        return new Picture(
            $x,
            $floor + 2.0,
            $canvas->shapes(),
            $this->say->taken(count($boxes), $frames->count()),
            'taken',
            more: ['width' => round($x)],
        );
    }

    /** @param  list<DrawnBox>  $boxes */
    private static function tallest(array $boxes): float
    {
        $stacks = array_chunk(array_column($boxes, 'heightMm'), self::HIGH);

        return max([self::HEIGHT_MM, ...array_map(array_sum(...), $stacks)]) * self::PX_PER_MM;
    }

    private function box(TakenSuper $super): DrawnBox
    {
        $fitted = $this->kinds->fitted($super->box);
        $kind = $fitted->kind;
        $slots = $this->slots($super, $fitted->framesFitted);
        $wide = $kind->externalWidthMm ?: Elevation::LEAST_MM;

        return new DrawnBox(
            $super->id,
            $kind->externalHeightMm ?: self::HEIGHT_MM,
            $super->isFrame() ? self::FRAME_MM : $wide,
            $super->isFrame() ? self::FRAME_MM - 2.0 : $kind->insideWidthMm,
            $super->isFrame() ? array_slice($slots, max(0, $super->slot - 1), 1) : $slots,
            false,
        );
    }

    /** @return list<DrawnSlot> */
    private function slots(TakenSuper $super, int $count): array
    {
        $known = $super->frozen->faces();
        $capped = $super->frozen->cappedShare();
        $face = static fn (float $honey): Face => new Face($honey * $capped, $honey * (1.0 - $capped));
        $slots = [];
        for ($slot = 1; $slot <= max(1, $count, $super->slot); $slot++) {
            [$a, $b] = $known[$slot] ?? [1.0, 1.0];
            $slots[] = new DrawnSlot(isset($known[$slot]), $face(min(1.0, $a)), $face(min(1.0, $b)));
        }

        return $slots;
    }
}
