<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Elevation;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use Marjoram\Core\Numerics\Normal;

/** Stores that stay against the need, hive by hive under its stack in the elevation above. */
final readonly class StoresChart
{
    private const HEIGHT = 170.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  ?string  $chosen  code of the hive that is open
     * @param  bool  $named  with the hives' codes, where no elevation stands above that carries them
     */
    public function of(WinterBoard $board, ?string $chosen = null, bool $named = false): Picture
    {
        $most = self::most($board->rows);
        $y = static fn (float $kg): float => self::HEIGHT - 10.0 - $kg / ($most * 1.05) * (self::HEIGHT - 30.0);
        $pitch = (new Elevation)->pitchOf($board->widestMm, count($board->rows));
        $width = $pitch * count($board->rows);
        $canvas = new Canvas;
        $labels = new Canvas;
        foreach (MassAxis::between($this->format, 0.0, $most)->ticks as [$kg, $label]) {
            $canvas->line('rl', 0.0, $y($kg), $width, $y($kg));
            $labels->text('t12 soft halo2', 2.0, $y($kg) - 3.0, $label);
        }
        foreach (array_values($board->rows) as $i => $row) {
            $on = $row->code === $chosen ? 'colm on' : 'colm';
            $canvas->within('g', ['class' => $on], static fn (Canvas $group) => $group->rect(
                'selw',
                $i * $pitch + 1.0,
                0.0,
                $pitch - 2.0,
                self::HEIGHT,
            ));
            self::column($canvas, $row, ($i + 0.5) * $pitch, $pitch, $y);
            if ($named) {
                $canvas->text('t12', ($i + 0.5) * $pitch, self::HEIGHT + 6.0, $row->code, anchor: 'middle');
            }
        }
        $canvas->add(...$labels->shapes())->line('gnd', 0.0, $y(0.0), $width, $y(0.0));
        $label = __(
            'Stores that stay against winter stores needed, :unit',
            ['unit' => $this->format->massUnit()],
        );
        $height = self::HEIGHT + ($named ? 12.0 : 0.0);
        $size = ['width' => $width, 'height' => $height];

        return new Picture($width, $height, $canvas->shapes(), $label, 'columns', more: $size);
    }

    /** @param  callable(float): float  $y */
    private static function column(Canvas $canvas, WinterRow $row, float $x, float $pitch, callable $y): void
    {
        $result = $row->reserve;
        $wide = min(22.0, 0.4 * $pitch);
        $spread = Normal::EIGHTY * $result->needSdKg;
        $high = $y($result->needMeanKg + $spread);
        $low = $y(max(0.0, $result->needMeanKg - $spread));
        $canvas->rect('mwash', $x - 0.38 * $pitch, $high, 0.76 * $pitch, max(1.0, $low - $high))
            ->rect($row->known ? 'crop' : 'gap', $x - 0.5 * $wide, $y($result->storesKg), $wide, $y(0.0) - $y($result->storesKg));
        if (! $row->known) {
            $canvas->text('t14 b', $x, $y(0.0) - 8.0, '?', anchor: 'middle');
        } elseif ($result->shortfallKg > 0.5) {
            $short = $y($result->storesKg + $result->shortfallKg);
            $canvas->rect('gap', $x - 0.5 * $wide, $short, $wide, $y($result->storesKg) - $short);
        }
        $need = $y($result->needQuantileKg);
        $canvas->line('mline', $x - 0.38 * $pitch, $need, $x + 0.38 * $pitch, $need);
        $doubt = Normal::EIGHTY * $result->storesSdKg;
        ChartParts::whisker($canvas, $x, $y(max(0.0, $result->storesKg - $doubt)), $y($result->storesKg + $doubt));
    }

    /** @param  array<string, WinterRow>  $rows */
    private static function most(array $rows): float
    {
        $most = 10.0;
        foreach ($rows as $row) {
            $stores = $row->reserve->storesKg + 1.3 * $row->reserve->storesSdKg;
            $most = max($most, $stores, $row->reserve->needQuantileKg);
        }

        return $most;
    }
}
