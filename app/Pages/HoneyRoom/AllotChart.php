<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Harvest\LotLedger;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\HoneyRoom\Allotted;
use Marjoram\Core\Numerics\Normal;

/** What each hive gave of a lot: a bar in honey colour with its range, the judged amount as a dashed outline. */
final readonly class AllotChart
{
    private const ROW = 30.0;

    private const LEFT = 56.0;

    private const WIDE = 520.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(LotLedger $state): Picture
    {
        $judged = $state->judgedByHive();
        $hives = $state->allotted->hives ?? [];
        $reach = static fn (Allotted $one): float => $one->kg + 2.0 * $one->sdKg;
        $most = max([1.0, ...array_values($judged), ...array_map($reach, array_values($hives))]);
        $scale = self::WIDE / $most;
        $canvas = new Canvas;
        $y = 4.0;
        foreach ($judged as $code => $kg) {
            $canvas->text('t16 b', 0.0, $y + 19.0, (string) $code)
                ->rect('gap', self::LEFT, $y + 2.0, $kg * $scale, 22.0);
            isset($hives[$code])
                ? $this->got($canvas, $hives[$code], $y, $scale)
                : $canvas->text('t16 it soft', 64.0 + $kg * $scale, $y + 19.0, '~'.$this->format->kg($kg));
            $y += self::ROW;
        }
        $canvas->line('gnd', self::LEFT, 0.0, self::LEFT, $y);
        $label = __('Yield of each hive in lot :lot', ['lot' => $state->lot->code]);

        return new Picture(712.0, $y + 4.0, $canvas->shapes(), $label);
    }

    private function got(Canvas $canvas, Allotted $got, float $y, float $scale): void
    {
        $end = self::LEFT + $got->kg * $scale;
        $spread = Normal::EIGHTY * $got->sdKg * $scale;
        $canvas->rect('crop', self::LEFT, $y + 5.0, $got->kg * $scale, 16.0);
        ChartParts::whiskerAcross($canvas, $y + 13.0, $end - $spread, $end + $spread);
        $canvas->text('t16 halo2', $end + $spread + 8.0, $y + 19.0, $this->format->kg($got->kg));
    }
}
