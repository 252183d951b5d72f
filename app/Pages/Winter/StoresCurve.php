<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterNotes;
use App\Apiary\Winter\WinterSeason;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use App\Models\HiveWeighing;
use DateTimeImmutable;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Reserve\StoresOn;

/** A hive's stores over the winter: what is calculated to be left with its band, what was weighed, what was fed. */
final readonly class StoresCurve
{
    private const LEFT = 44.0;

    private const RIGHT = 700.0;

    private const FLOOR = 168.0;

    public function __construct(private Formatter $format)
    {
    }

    /** @param  list<StoresOn>  $points  what is calculated to be left */
    public function of(HiveWinter $hive, array $points, WinterNotes $notes, WinterSeason $season): Picture
    {
        $first = $season->whole->from->modify('-30 days');
        $last = $points === [] ? $season->whole->firstFlow : $points[count($points) - 1]->on;
        $isShown = static fn (HiveWeighing $one): bool => $one->weighed_on >= $first && $one->weighed_on <= $last;
        $weighed = array_values(array_filter($notes->weighings, $isShown));
        $most = self::most($points, $weighed);
        $span = max(1, $last->getTimestamp() - $first->getTimestamp());
        $x = static fn (DateTimeImmutable $on): float => self::LEFT
            + ($on->getTimestamp() - $first->getTimestamp()) / $span * (self::RIGHT - self::LEFT);
        $y = static fn (float $kg): float => self::FLOOR - $kg / $most * (self::FLOOR - 16.0);
        $canvas = new Canvas;
        $this->axes($canvas, $first, $last, $x, $y, $most);
        $middle = static fn (StoresOn $one): array => [$x($one->on), $y($one->low), $y($one->middle), $y($one->high)];
        ChartParts::band($canvas, array_map($middle, $points));
        foreach ($notes->feedings as $fed) {
            $on = $fed->fed_on->toDateTimeImmutable();
            if ($on >= $first && $on <= $last) {
                $canvas->glyph('v-feed', 'gl', $x($on) - 7.0, self::FLOOR - 16.0, 14.0);
            }
        }
        foreach ($weighed as $one) {
            self::weighing($canvas, $one, $x($one->weighed_on->toDateTimeImmutable()), $y);
        }
        if ($season->today >= $first && $season->today <= $last) {
            ChartParts::thread($canvas, $x($season->today), 8.0, self::FLOOR);
        }
        $flow = $x($season->whole->firstFlow);
        $canvas->line('stake', $flow, 8.0, $flow, self::FLOOR)
            ->text('t12 plan', $flow - 4.0, 16.0, __('first flow'), 'end');
        $label = __('Stores of :hive through the winter', ['hive' => $hive->state->code]);

        return new Picture(720.0, 196.0, $canvas->shapes(), $label);
    }

    /**
     * @param  list<StoresOn>  $points
     * @param  list<HiveWeighing>  $weighed
     */
    private static function most(array $points, array $weighed): float
    {
        return max(
            5.0,
            ...array_map(static fn (StoresOn $one): float => $one->high, $points),
            ...array_map(static fn (HiveWeighing $one): float => $one->stores_kg + 1.3 * $one->stores_sd_kg, $weighed),
        );
    }

    /** @param  callable(float): float  $y */
    private static function weighing(Canvas $canvas, HiveWeighing $one, float $x, callable $y): void
    {
        $spread = Normal::EIGHTY * $one->stores_sd_kg;
        $canvas->line('whisk', $x, $y(max(0.0, $one->stores_kg - $spread)), $x, $y($one->stores_kg + $spread))
            ->circle('gf gl', $x, $y($one->stores_kg), 5.0);
    }

    /**
     * @param  callable(DateTimeImmutable): float  $x
     * @param  callable(float): float  $y
     */
    private function axes(
        Canvas $canvas,
        DateTimeImmutable $first,
        DateTimeImmutable $last,
        callable $x,
        callable $y,
        float $most,
    ): void {
        $month = $first->modify('first day of next month');
        for (; $month <= $last; $month = $month->modify('+1 month')) {
            $canvas->line('rl', $x($month), 8.0, $x($month), self::FLOOR)
                ->text('t12 soft', $x($month) + 3.0, 186.0, __($month->format('M')));
        }
        foreach (MassAxis::between($this->format, 0.0, $most)->ticks as [$kg, $label]) {
            ChartParts::rule($canvas, self::LEFT, self::RIGHT, $y($kg), $label);
        }
        $canvas->line('gnd', self::LEFT, self::FLOOR, self::RIGHT, self::FLOOR);
    }
}
