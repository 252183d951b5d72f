<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\BoxWork;
use App\Apiary\Days\Fate;
use App\Apiary\Days\HandStep;
use App\Apiary\Days\HiveWork;
use App\Apiary\Days\Stop;
use App\Apiary\Hives\YardPicture;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\Elevation;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;

/** The hives of a stop for paper: along a ground line, with a square to tick at each box that hands touch. */
final readonly class PaperPicture
{
    private const PX_PER_MM = 0.15;

    private const HIVES_A_ROW = 3;

    private const PITCH = 190.0;

    private const SHIFT = 5.0;

    private const STAND = 14.0;

    private const BOARD = 12.0;

    private const CODE = 16.0;

    private BoxSection $section;

    public function __construct(private YardPicture $yards, private Formatter $format)
    {
        $this->section = new BoxSection(self::PX_PER_MM, false);
    }

    /** @return list<Picture> */
    public function rows(Stop $stop): array
    {
        $hives = array_filter($stop->hives, static fn (HiveWork $hive): bool => $hive->hive !== null);

        return array_map($this->row(...), array_chunk($hives, self::HIVES_A_ROW));
    }

    /** @param  list<HiveWork>  $hives */
    private function row(array $hives): Picture
    {
        $ground = 4.0 + self::STAND + max([0.0, ...array_map($this->height(...), $hives)]);
        $canvas = new Canvas;
        foreach ($hives as $i => $hive) {
            $this->hive($canvas, $hive, $i * self::PITCH + 2.0 * self::SHIFT, $ground);
        }
        $canvas->line('gnd', 0.0, $ground, self::PITCH * self::HIVES_A_ROW, $ground);

        return new Picture(self::PITCH * self::HIVES_A_ROW, $ground + self::CODE, $canvas->shapes(), '');
    }

    private function height(HiveWork $hive): float
    {
        $height = $hive->boards === [] ? 0.0 : self::BOARD;
        foreach ($this->boxes($hive) as [, $box]) {
            $height += $box->heightMm * self::PX_PER_MM;
        }

        return $height;
    }

    private function hive(Canvas $canvas, HiveWork $hive, float $x, float $ground): void
    {
        $y = $ground - self::STAND - $this->height($hive);
        $width = Elevation::LEAST_MM * self::PX_PER_MM;
        foreach ($this->boxes($hive) as [$work, $box]) {
            $this->box($canvas, $hive, $work, $box, $x, $y);
            $width = $box->widthMm * self::PX_PER_MM;
            $y += $box->heightMm * self::PX_PER_MM;
            if ($work === $hive->lowestAbove()) {
                $canvas->rect('bxo', $x - 3.0, $y + 3.0, $width + 6.0, 5.0);
                $this->words($canvas, $hive->step(null), $x + $width + 8.0, $y + 9.0, __('board'));
                $y += self::BOARD;
            }
        }
        $canvas->rect('wall', $x - 1.0, $y, $width + 2.0, 3.0)
            ->rect('leg', $x + 0.16 * $width, $y + 3.0, 3.0, self::STAND - 3.0)
            ->rect('leg', $x + 0.84 * $width - 3.0, $y + 3.0, 3.0, self::STAND - 3.0)
            ->text('b', $x + 0.5 * $width, $ground + 12.0, $hive->code, 'middle');
    }

    private function box(Canvas $canvas, HiveWork $hive, BoxWork $work, DrawnBox $box, float $x, float $y): void
    {
        $step = $hive->step($work);
        $height = $box->heightMm * self::PX_PER_MM;
        $shift = match ($work->fate) {
            Fate::Off, Fate::Above => self::SHIFT,
            Fate::Below => -self::SHIFT,
            Fate::Stays => 0.0,
        };
        $this->section->draw($canvas, $box, $x + $shift, $y);
        $canvas->line('joint', $x + $shift, $y, $x + $shift + $box->widthMm * self::PX_PER_MM, $y);
        $kg = '~'.$this->format->kg($work->box->grossKg, 0);
        $words = $work->fate === Fate::Stays ? '' : ' '.$work->words();
        $right = $x + $box->widthMm * self::PX_PER_MM + 10.0;
        $this->words($canvas, $step, $right, $y + 0.5 * $height + 3.0, $kg.$words);
    }

    /** What stands beside a box, with its turn and a square to tick where hands touch it. */
    private function words(Canvas $canvas, ?HandStep $step, float $x, float $y, string $words): void
    {
        if ($step !== null) {
            $canvas->rect($step->done ? 'wall' : 'bxo', $x, $y - 7.0, 7.0, 7.0)
                ->text('b', $x + 10.0, $y, (string) $step->number);
        }
        $canvas->text('', $x + ($step === null ? 0.0 : 17.0), $y, $words);
    }

    /** @return list<array{BoxWork, DrawnBox}> from the top */
    private function boxes(HiveWork $hive): array
    {
        $state = $hive->hive;
        if ($state === null) {
            return [];
        }

        return array_map(fn (BoxWork $one): array => [$one, $this->yards->box($state, $one->box, null)], $hive->boxes);
    }
}
