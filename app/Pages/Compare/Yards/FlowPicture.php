<?php

declare(strict_types=1);

namespace App\Pages\Compare\Yards;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;

/** What a hive gave against what the scale gained, a mark for each season of each yard that has a scale. */
final readonly class FlowPicture
{
    private const WIDTH = 712.0;

    private const LEFT = 44.0;

    private const FLOOR = 196.0;

    private const TOP = 16.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * Null where no yard has both.
     *
     * @param  list<ComparedYard>  $yards
     */
    public function of(array $yards): ?Picture
    {
        $pairs = [];
        foreach ($yards as $yard) {
            foreach ($yard->pairs() as [$season, $flow, $kg]) {
                $pairs[] = [$yard->name.' '.$season, $flow, $kg];
            }
        }
        if (count($pairs) < 2) {
            return null;
        }
        $wide = max(10.0, 1.08 * max(array_column($pairs, 1)));
        $high = max(10.0, 1.1 * max(array_column($pairs, 2)));
        $x = static fn (float $flow): float => self::LEFT + $flow / $wide * (self::WIDTH - self::LEFT - 20.0);
        $y = static fn (float $kg): float => self::FLOOR - $kg / $high * (self::FLOOR - self::TOP);
        $canvas = new Canvas;
        foreach (MassAxis::between($this->format, 0.0, $high)->ticks as [$kg, $label]) {
            ChartParts::rule($canvas, self::LEFT, self::WIDTH, $y($kg), $label);
        }
        foreach (MassAxis::between($this->format, 0.0, $wide, 8)->ticks as [$kg, $label]) {
            $canvas->text('t12 soft', $x($kg), self::FLOOR + 16.0, $label, 'middle');
        }
        foreach ($pairs as [$name, $flow, $kg]) {
            $canvas->titled($name, static fn (Canvas $inside) => $inside->circle('mdot', $x($flow), $y($kg), 5.0));
            $isRight = $x($flow) > self::WIDTH - 130.0;
            $canvas->text('t12 halo2', $x($flow) + ($isRight ? -8.0 : 8.0), $y($kg) + 4.0, $name, $isRight ? 'end' : 'start');
        }
        $unit = ['unit' => $this->format->massUnit()];
        $canvas->text('t12 soft', self::LEFT + 4.0, 12.0, __('a hive gave, :unit', $unit))
            ->text('t12 soft', self::WIDTH - 4.0, self::FLOOR + 32.0, __('the scale gained in the season, :unit', $unit), 'end');

        return new Picture(self::WIDTH, self::FLOOR + 38.0, $canvas->shapes(), __('Yield per hive against gain of the scale'));
    }
}
