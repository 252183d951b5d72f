<?php

declare(strict_types=1);

namespace App\Winter;

use App\Support\Units\Formatter;
use DateTimeImmutable;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\WinterUse;

/** A hive's stores over the winter: what is reckoned to be left with its band, what was weighed, what was fed. */
final readonly class StoresCurve
{
    private const LEFT = 44.0;

    private const RIGHT = 700.0;

    private const FLOOR = 168.0;

    public function __construct(private Formatter $format)
    {
    }

    public function svg(\App\YardState\Winter\HiveWinter $hive, \App\YardState\Winter\WinterSeason $season): string
    {
        $start = max($season->whole->from, min($season->today, $season->whole->firstFlow));
        $points = $season
            ->paths()
            ->stores(
                $start,
                $hive->reserve->storesKg,
                $hive->reserve->storesSdKg,
                WinterUse::scale($hive->stores->framesOfBees, $hive->factor, new ReserveAssumptions),
            );
        $first = $season->whole->from->modify('-30 days');
        $last = $points === [] ? $season->whole->firstFlow : $points[count($points) - 1]['on'];
        $weighed = array_values(
            array_filter(
                $hive->record->weighings,
                static fn ($one): bool => $one->weighed_on->toDateTimeImmutable() >= $first &&
                    $one->weighed_on->toDateTimeImmutable() <= $last,
            ),
        );
        $most = max(
            5.0,
            ...array_column($points, 'high'),
            ...array_map(static fn ($one): float => $one->stores_kg + 1.3 * $one->stores_sd_kg, $weighed),
        );
        $x = static fn (DateTimeImmutable $on): float => self::LEFT +
            (($on->getTimestamp() - $first->getTimestamp()) / max(1, $last->getTimestamp() - $first->getTimestamp())) *
                (self::RIGHT - self::LEFT);
        $y = static fn (float $kg): float => self::FLOOR - ($kg / $most) * (self::FLOOR - 16.0);
        $out = $this->axes($first, $last, $x, $y, $most);
        $band = $line = '';
        foreach ($points as $point) {
            $band .= sprintf('%s%.1f %.1f', $band === '' ? 'M' : 'L', $x($point['on']), $y($point['high']));
            $line .= sprintf('%s%.1f %.1f', $line === '' ? 'M' : 'L', $x($point['on']), $y($point['middle']));
        }
        foreach (array_reverse($points) as $point) {
            $band .= sprintf('L%.1f %.1f', $x($point['on']), $y($point['low']));
        }
        $out .= '<path class="mwash" d="'.$band.'z"/><path class="mline" d="'.$line.'"/>';
        foreach ($hive->record->feedings as $fed) {
            $on = $fed->fed_on->toDateTimeImmutable();
            $out .=
                $on < $first || $on > $last
                    ? ''
                    : sprintf(
                        '<use href="#v-feed" class="gl" x="%.1f" y="%.1f" width="14" height="14"/>',
                        $x($on) - 7.0,
                        self::FLOOR - 16.0,
                    );
        }
        foreach ($weighed as $one) {
            $at = $x($one->weighed_on->toDateTimeImmutable());
            $out .= sprintf(
                '<path class="whisk" d="M%1$.1f %2$.1fV%3$.1f"/><circle class="gf gl" cx="%1$.1f" cy="%4$.1f" r="5"/>',
                $at,
                $y(max(0.0, $one->stores_kg - 1.28 * $one->stores_sd_kg)),
                $y($one->stores_kg + 1.28 * $one->stores_sd_kg),
                $y($one->stores_kg),
            );
        }
        if ($season->today >= $first && $season->today <= $last) {
            $out .= sprintf('<path class="thread" d="M%1$.1f 8V%2$.1f"/>', $x($season->today), self::FLOOR);
        }
        $flow = $x($season->whole->firstFlow);

        return '<svg class="chart" viewBox="0 0 720 196" role="img" aria-label="'.
            e(__('Stores of :hive through the winter', ['hive' => $hive->state->hive->code])).
            '">'.
            $out.
            sprintf(
                '<path class="stake" d="M%1$.1f 8V%2$.1f"/><text class="t12 plan" x="%3$.1f" y="16" text-anchor="end">%4$s</text></svg>',
                $flow,
                self::FLOOR,
                $flow - 4.0,
                e(__('first flow')),
            );
    }

    /**
     * @param  callable(DateTimeImmutable): float  $x
     * @param  callable(float): float  $y
     */
    private function axes(
        DateTimeImmutable $first,
        DateTimeImmutable $last,
        callable $x,
        callable $y,
        float $most,
    ): string {
        $out = '';
        for ($month = $first->modify('first day of next month'); $month <= $last; $month = $month->modify('+1 month')) {
            $out .= sprintf(
                '<path class="rl" d="M%1$.1f 8V%2$.1f"/><text class="t12 soft" x="%3$.1f" y="186">%4$s</text>',
                $x($month),
                self::FLOOR,
                $x($month) + 3.0,
                e(__($month->format('M'))),
            );
        }
        for ($kg = 0.0; $kg <= $most; $kg += $most > 24.0 ? 10.0 : 5.0) {
            $out .= sprintf(
                '<path class="rl" d="M%1$.1f %2$.1fH%3$.1f"/><text class="t12 soft" x="%4$.1f" y="%5$.1f" text-anchor="end">%6$s</text>',
                self::LEFT,
                $y($kg),
                self::RIGHT,
                self::LEFT - 6.0,
                $y($kg) + 4.0,
                Formatter::number($this->format->massValue($kg), 0),
            );
        }

        return $out.sprintf('<path class="gnd" d="M%1$.1f %2$.1fH%3$.1f"/>', self::LEFT, self::FLOOR, self::RIGHT);
    }
}
