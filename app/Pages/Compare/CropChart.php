<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Layers;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use Illuminate\Support\Collection;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Yields\YardSeason;

/**
 * What was taken, as the boxes it was taken in: each hive's seasons side by side, one box drawn for each super,
 * filled to what it gave; the mean of the yard's producing hives of the chosen season as a dashed line.
 */
final readonly class CropChart
{
    private const LEFT = 34.0;

    private const WIDTH = 712.0;

    private const GROUND = 132.0;

    /**
     * @param  list<int>  $seasons  oldest first
     * @param  ?string  $open  code of the chosen hive
     */
    public function __construct(
        private Formatter $format,
        private array $seasons,
        private int $chosen,
        private ?string $open,
    ) {
    }

    /**
     * @param  Collection<int, HiveSeasons>  $rows  of one yard
     * @param  callable(HiveSeasons): string  $link
     */
    public function of(Collection $rows, ?YardSeason $mean, callable $link): Picture
    {
        $most = $this->most($rows);
        $scale = (self::GROUND - 22.0) / $most;
        $canvas = new Canvas;
        foreach (MassAxis::between($this->format, 0.0, $most)->ticks as [$kg, $label]) {
            $y = self::GROUND - $kg * $scale;
            $canvas->line('rl', self::LEFT, $y, self::WIDTH, $y)
                ->text('t12 soft', 28.0, $y + 4.0, $label, 'end');
        }
        $pitch = (self::WIDTH - self::LEFT) / max(1, $rows->count());
        foreach ($rows->values() as $i => $row) {
            $this->hive($canvas, $row, $link($row), self::LEFT + ($i + 0.5) * $pitch, $pitch, $scale);
        }
        if ($mean !== null && $mean->producing > 0) {
            $this->mean($canvas, $mean, self::GROUND - $mean->meanProducingKg * $scale);
            if ($mean->changeKg !== null) {
                $y = self::GROUND - ($mean->meanProducingKg - $mean->changeKg) * $scale;
                $canvas->line('ymean before', self::LEFT, $y, self::WIDTH, $y);
            }
        }
        $canvas->line('gnd', self::LEFT, self::GROUND, self::WIDTH, self::GROUND);
        $label = __('Crop by hive and season');

        return new Picture(self::WIDTH, self::GROUND + 28.0, $canvas->shapes(), $label, hasLinks: true);
    }

    /** @param  Collection<int, HiveSeasons>  $rows */
    private function most(Collection $rows): float
    {
        $most = 20.0;
        foreach ($rows as $row) {
            foreach ($this->seasons as $year) {
                $most = max($most, $row->kg($year));
            }
        }

        return $most;
    }

    private function hive(
        Canvas $canvas,
        HiveSeasons $row,
        string $href,
        float $centre,
        float $pitch,
        float $scale,
    ): void {
        if ($row->hive === $this->open) {
            $canvas->rect('selw', $centre - 0.5 * $pitch + 1.0, 0.0, $pitch - 2.0, self::GROUND + 26.0);
        }
        $season = fn (int $year): string => $year.' '.$this->format->kg($row->kg($year), 0);
        $words = $row->hive.': '.implode(', ', array_map($season, $this->seasons));
        $inside = function (Canvas $canvas) use ($row, $words, $centre, $pitch, $scale): void {
            $canvas->title($words)->rect('hit', $centre - 0.5 * $pitch, 0.0, $pitch, self::GROUND + 26.0);
            $wide = min(15.0, ($pitch - 8.0) / count($this->seasons));
            $left = $centre - 0.5 * $wide * count($this->seasons);
            $layers = new Layers('crop old est', 'crop old', 'crop est', 'crop');
            foreach ($this->seasons as $j => $year) {
                $season = $row->seasons[$year] ?? null;
                if ($season !== null) {
                    $class = $year === $this->chosen ? 'crop' : 'crop old';
                    self::boxes($layers, $class, $season, $left + $j * $wide, $wide - 1.5, $scale);
                }
            }
            $layers->on($canvas);
            $this->range($canvas, $row, $left, $wide, $scale);
            $canvas->text('t14 b', $centre, self::GROUND + 18.0, $row->hive, 'middle');
        };
        $canvas->link($href, $words, $inside);
    }

    /** Of what the chosen season gave, in 8 of 10 cases. */
    private function range(Canvas $canvas, HiveSeasons $row, float $left, float $wide, float $scale): void
    {
        $place = array_search($this->chosen, $this->seasons, true);
        $season = $row->seasons[$this->chosen] ?? null;
        if ($season === null || $place === false || $season->honey->sdKg() <= 0.0) {
            return;
        }
        $spread = Normal::EIGHTY * $season->honey->sdKg();
        ChartParts::whisker(
            $canvas,
            $left + ((int) $place + 0.5) * $wide - 0.75,
            self::GROUND - max(0.0, $season->honey->kg - $spread) * $scale,
            self::GROUND - ($season->honey->kg + $spread) * $scale,
        );
    }

    private static function boxes(
        Layers $layers,
        string $class,
        SeasonCrop $season,
        float $x,
        float $width,
        float $scale,
    ): void {
        $each = $season->honey->kg / $season->boxes() * $scale;
        $class .= $season->weighed ? '' : ' est';
        for ($n = 1; $n <= $season->boxes(); $n++) {
            $layers->add($class, Canvas::box($x, self::GROUND - $n * $each, $width, $each));
        }
    }

    private function mean(Canvas $canvas, YardSeason $mean, float $y): void
    {
        $words = __('mean :kg', ['kg' => $this->format->kg($mean->meanProducingKg, 0)]);
        $canvas->line('ymean', self::LEFT, $y, self::WIDTH, $y)
            ->text('t13 b gr halo2', self::WIDTH - 2.0, $y - 4.0, $words, 'end');
    }
}
