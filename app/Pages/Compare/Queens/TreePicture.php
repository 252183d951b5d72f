<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Illuminate\Support\Collection;

/** Mothers and daughters of a line: a column for each year, who lives in ink, who is gone in outline. */
final readonly class TreePicture
{
    private const WIDTH = 712.0;

    private const ROW = 22.0;

    private const TOP = 30.0;

    private const LEFT = 12.0;

    /** What the last column needs for its words. */
    private const LAST = 220.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  Collection<string, KnownQueen>  $queens  of one line, by code
     * @param  callable(KnownQueen): string  $link
     * @param  callable(float): float  $kg  what a merit is in kg
     */
    public function of(string $line, Collection $queens, callable $link, callable $kg): Picture
    {
        $rows = $this->rows($queens);
        $first = (int) $queens->min('year');
        $years = max(1, (int) $queens->max('year') - $first);
        $pitch = (self::WIDTH - self::LEFT - self::LAST) / $years;
        $place = [];
        foreach ($rows as $i => $queen) {
            $x = self::LEFT + ((int) $queen->year - $first) * $pitch;
            $place[$queen->code] = [$x, self::TOP + self::ROW * ($i + 0.5)];
        }
        $canvas = new Canvas;
        $height = self::TOP + self::ROW * count($rows) + 6.0;
        for ($year = $first; $year <= $first + $years; $year++) {
            $x = self::LEFT + ($year - $first) * $pitch;
            $canvas->line('rl', $x, 16.0, $x, $height)->text('t12 soft', $x, 12.0, (string) $year);
        }
        $joints = '';
        foreach ($rows as $queen) {
            [$x, $y] = $place[$queen->code];
            if ($queen->mother !== null && isset($place[$queen->mother])) {
                [$from, $above] = $place[$queen->mother];
                $joints .= Canvas::at('M', $from, $above).'V'.round($y, 1).'H'.round($x, 1);
            }
        }
        $canvas->path('whisk', $joints);
        foreach ($rows as $queen) {
            $this->queen($canvas, $queen, $link($queen), $place[$queen->code], $kg);
        }
        $label = __('Line :line: mothers and daughters', ['line' => $line]);

        return new Picture(self::WIDTH, $height, $canvas->shapes(), $label, hasLinks: true);
    }

    /**
     * @param  array{float, float}  $at
     * @param  callable(float): float  $kg
     */
    private function queen(Canvas $canvas, KnownQueen $queen, string $href, array $at, callable $kg): void
    {
        [$x, $y] = $at;
        $merit = $queen->merit === null ? '' : ' '.$this->merit($kg($queen->merit->merit));
        $words = $queen->code.$merit.($queen->hive === null ? '' : ' · '.$queen->hive);
        $mark = $queen->mark === null ? '' : ' · '.$queen->mark->mark->words();
        $canvas->link($href, $words.$mark, static fn (Canvas $inside) => $inside
            ->circle($queen->isAlive() ? 'mdot' : 'mdot gone', $x, $y, 5.0)
            ->text($queen->isAlive() ? 't13 b halo2' : 't13 soft halo2', $x + 9.0, $y + 4.5, $words.$mark));
    }

    private function merit(float $kg): string
    {
        return ($kg > 0.0 ? '+' : '').$this->format->kg($kg);
    }

    /**
     * Mothers before their daughters, each line down together.
     *
     * @param  Collection<string, KnownQueen>  $queens
     * @return list<KnownQueen>
     */
    private function rows(Collection $queens): array
    {
        $daughters = $queens->groupBy(static fn (KnownQueen $one): string => $one->mother ?? '');
        $rows = $seen = [];
        $down = function (KnownQueen $one) use (&$down, &$rows, &$seen, $daughters): void {
            if (isset($seen[$one->code])) {
                return;
            }
            $seen[$one->code] = true;
            $rows[] = $one;
            foreach ($daughters->get($one->code, new Collection)->sortBy('year') as $daughter) {
                $down($daughter);
            }
        };
        $heads = $queens->filter(
            static fn (KnownQueen $one): bool => $one->mother === null || ! $queens->has($one->mother),
        );
        foreach ([...$heads->sortBy('year'), ...$queens] as $one) {
            $down($one);
        }

        return $rows;
    }
}
