<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\HiveWork;
use App\Apiary\Hives\YardPicture;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\Elevation;
use App\Drawing\Picture;

/**
 * Draws a hive for the hands: box on box to scale, each a drawing of its own, so that a box can be a button and what it
 * weighs stands beside it.
 */
final readonly class WorkPicture
{
    /** A shallow super is as high as a thumb wants. */
    private const PX_PER_MM = 0.3;

    private const STAND_PX = 22.0;

    private const ROOF_PX = 9.0;

    private const EXCLUDER_PX = 5.0;

    private BoxSection $section;

    public function __construct(private YardPicture $yards)
    {
        $this->section = new BoxSection(self::PX_PER_MM);
    }

    public function of(HiveWork $work): DrawnWork
    {
        $hive = $work->hive;
        $lowest = $work->lowestAbove();
        $rows = [];
        $widest = 0.0;
        $isUnderSuper = false;
        foreach ($work->boxes as $one) {
            assert($hive !== null, 'Boxes stand in a hive.');
            $box = $this->yards->box($hive, $one->box, null);
            $rows[] = new DrawnRow(
                $this->box($box, $hive->excluder && $box->brood && $isUnderSuper),
                $one,
                $work->step($one),
                $one === $lowest ? $work->step(null) : null,
            );
            $widest = max($widest, $box->widthMm);
            $isUnderSuper = ! $box->brood;
        }
        $width = ($widest > 0.0 ? $widest : Elevation::LEAST_MM) * self::PX_PER_MM;

        return new DrawnWork(self::roof($width), $rows, self::stand($width));
    }

    private function box(DrawnBox $box, bool $underExcluder): Picture
    {
        $canvas = new Canvas;
        $width = $box->widthMm * self::PX_PER_MM;
        $y = $underExcluder ? self::EXCLUDER_PX : 0.0;
        if ($underExcluder) {
            $canvas->line('exc', 0.0, 1.0, $width, 1.0)->line('exc', 0.0, 3.0, $width, 3.0);
        }
        $this->section->draw($canvas, $box, 0.0, $y);
        $canvas->line('joint', 0.0, $y + 0.5, $width, $y + 0.5);

        return self::picture($width, $y + $box->heightMm * self::PX_PER_MM, $canvas, $box->words);
    }

    private static function roof(float $width): Picture
    {
        $canvas = (new Canvas)->path('roof', Canvas::box(1.0, 1.0, $width - 2.0, self::ROOF_PX - 2.0));

        return self::picture($width, self::ROOF_PX, $canvas, '');
    }

    private static function stand(float $width): Picture
    {
        $canvas = (new Canvas)->rect('wall', 0.0, 0.0, $width, 6.0)
            ->rect('leg', 0.16 * $width, 6.0, 5.0, self::STAND_PX)
            ->rect('leg', 0.84 * $width - 5.0, 6.0, 5.0, self::STAND_PX);

        return self::picture($width, self::STAND_PX, $canvas, '');
    }

    private static function picture(float $width, float $height, Canvas $canvas, string $words): Picture
    {
        $size = ['width' => round($width, 1), 'height' => round($height, 1)];
        $size += $words === '' ? ['aria-hidden' => 'true'] : [];

        return new Picture($width, $height, $canvas->shapes(), $words, 'part', false, $size);
    }
}
