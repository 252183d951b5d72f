<?php

declare(strict_types=1);

namespace App\Compare;

use App\Drawing\BoxSection;
use App\Support\Units\Formatter;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\YardSeason;

/**
 * What was taken, as the boxes it was taken in: each hive's seasons side by side, one box drawn for each super,
 * filled to what it gave; the mean of the yard's producing hives of the chosen season as a dashed line.
 */
final class CropChart
{
    private const ROW_WIDTH = 712.0;

    private const HEIGHT = 132.0;

    /**
     * @param  Collection<int, HiveSeasons>  $rows  of one yard
     * @param  list<int>  $seasons  oldest first
     */
    public function svg(
        Collection $rows,
        array $seasons,
        ?YardSeason $mean,
        Formatter $f,
        int $chosen,
        ?string $open,
        callable $link,
    ): string {
        $most = 20.0;
        foreach ($rows as $row) {
            foreach ($row->seasons as $year => $season) {
                $most = in_array($year, $seasons, true) ? max($most, $season['kg']) : $most;
            }
        }
        $scale = (self::HEIGHT - 22.0) / $most;
        $ground = self::HEIGHT;
        $pitch = (self::ROW_WIDTH - 34.0) / max(1, $rows->count());
        $wide = min(15.0, ($pitch - 8.0) / count($seasons));
        $out = '';
        for ($kg = 0; $kg <= $most; $kg += 20) {
            $out .=
                '<path class="rl" d="M34 '.
                round($ground - $kg * $scale, 1).
                'H'.
                self::ROW_WIDTH.
                '"/><text class="t12 soft" x="28" y="'.
                round($ground - $kg * $scale + 4, 1).
                '" text-anchor="end">'.
                Formatter::number($f->massValue($kg), 0).
                '</text>';
        }
        foreach ($rows->values() as $i => $row) {
            $centre = 34.0 + ($i + 0.5) * $pitch;
            $left = $centre - 0.5 * $wide * count($seasons);
            $words =
                $row->hive.
                ': '.
                implode(', ', array_map(fn (int $year): string => $year.' '.$f->kg($row->kg($year), 0), $seasons));
            $out .=
                $row->hive === $open
                    ? BoxSection::rect('selw', $centre - 0.5 * $pitch + 1, 0, $pitch - 2, self::HEIGHT + 26)
                    : '';
            $out .=
                '<a href="'.
                e($link($row)).
                '" aria-label="'.
                e($words).
                '"><title>'.
                e($words).
                '</title>'.
                BoxSection::rect('hit', $centre - 0.5 * $pitch, 0, $pitch, self::HEIGHT + 26);
            foreach ($seasons as $j => $year) {
                $out .= isset($row->seasons[$year])
                    ? $this->boxes(
                        $row->seasons[$year],
                        $left + $j * $wide,
                        $ground,
                        $wide - 1.5,
                        $scale,
                        $year === $chosen,
                    )
                    : '';
            }
            $out .=
                '<text class="t14 b" text-anchor="middle" x="'.
                round($centre, 1).
                '" y="'.
                ($ground + 18).
                '">'.
                e($row->hive).
                '</text></a>';
        }
        if ($mean !== null && $mean->producing > 0) {
            $y = round($ground - $mean->meanProducingKg * $scale, 1);
            $out .=
                "<path class=\"ymean\" d=\"M34 {$y}H".
                self::ROW_WIDTH.
                '"/><text class="t13 b gr halo2" text-anchor="end" x="'.
                (self::ROW_WIDTH - 2).
                '" y="'.
                ($y - 4).
                '">'.
                e(__('mean :kg', ['kg' => $f->kg($mean->meanProducingKg, 0)])).
                '</text>';
        }

        return '<svg class="chart" viewBox="0 0 '.
            self::ROW_WIDTH.
            ' '.
            (self::HEIGHT + 28).
            '" role="group" aria-label="'.
            e(__('Crop by hive and season')).
            '">'.
            $out.
            '<path class="gnd" d="M34 '.
            $ground.
            'H'.
            self::ROW_WIDTH.
            '"/></svg>';
    }

    /** @param  array{kg: float, sd: float, supers: int, weighed: bool, queens: list<string>}  $season */
    private function boxes(array $season, float $x, float $ground, float $width, float $scale, bool $chosen): string
    {
        $out = '';
        $each = ($season['kg'] / max(1, $season['supers'])) * $scale;
        for ($n = 0; $n < $season['supers']; $n++) {
            $out .= BoxSection::rect(
                'crop'.($chosen ? '' : ' old').($season['weighed'] ? '' : ' est'),
                $x,
                $ground - ($n + 1) * $each,
                $width,
                $each,
            );
        }

        return $out;
    }
}
