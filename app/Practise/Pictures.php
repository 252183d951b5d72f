<?php

declare(strict_types=1);

namespace App\Practise;

use Marjoram\Core\Practise\PractiseFace;
use Marjoram\Core\Practise\PractiseScale;

/** The drawings of the trainer: a comb face cell by cell, a field with its scale, and guesses against truth. */
final class Pictures
{
    /** @param  string  $words  what is said to those who cannot see it */
    public static function face(PractiseFace $face, string $words): string
    {
        $paths = [PractiseFace::OPEN => '', PractiseFace::CAPPED => ''];
        foreach ($face->cells as $row => $cells) {
            // Every second row stands half a cell to the right, as cells do.
            $shift = 0.5 * ($row % 2);
            foreach (self::runs($cells) as [$from, $length, $what]) {
                if (isset($paths[$what])) {
                    $paths[$what] .= sprintf('M%s %dh%dv1h-%dz', $from + $shift, $row, $length, $length);
                }
            }
        }
        $deep = PractiseFace::ROWS;
        $wide = PractiseFace::COLUMNS + 0.5;
        $frame = sprintf(
            'M-1.5 -2.5H%1$s V%2$s H-1.5zM.5 0V%3$d H%4$s V0z',
            $wide + 1.0,
            $deep + 1.5,
            $deep,
            $wide - 0.5,
        );

        return '<svg class="practise-face" viewBox="-1.5 -2.5 '.
            ($wide + 2.5).
            ' '.
            ($deep + 4).
            '" role="img" aria-label="'.
            e($words).
            '"><defs><pattern id="cells" width="1" height="2" patternUnits="userSpaceOnUse"><path class="pf-cell" d="M0 0H1M0 0V1M.5 1V2M0 1H1"/></pattern></defs>'.
            '<rect class="slot" x="0" y="0" width="'.
            $wide.
            '" height="'.
            $deep.
            '"/><path class="pf-open" d="'.
            $paths[PractiseFace::OPEN].
            '"/><path class="pf-cap" d="'.
            $paths[PractiseFace::CAPPED].
            '"/>'.
            '<rect class="pf-comb" width="'.
            $wide.
            '" height="'.
            $deep.
            '"/><path class="wall" fill-rule="evenodd" d="'.
            $frame.
            '"/></svg>';
    }

    /**
     * @param  list<int>  $cells
     * @return list<array{int, int, int}> where a run begins, how long it is, of what
     */
    private static function runs(array $cells): array
    {
        $runs = [];
        $from = 0;
        foreach ($cells as $column => $what) {
            if (($cells[$column + 1] ?? null) !== $what) {
                $runs[] = [$from, $column + 1 - $from, $what];
                $from = $column + 1;
            }
        }

        return $runs;
    }

    /** The field of a refractometer with its boundary, and the thermometer beside it. */
    public static function scale(PractiseScale $scale, string $words): string
    {
        $y = static fn (float $pct): float => 20.0 +
            (($pct - PractiseScale::FROM_PCT) / (PractiseScale::TO_PCT - PractiseScale::FROM_PCT)) * 300.0;
        $edge = $y($scale->shownPct);
        $out = sprintf(
            '<clipPath id="field"><circle cx="170" cy="170" r="164"/></clipPath><g clip-path="url(#field)"><rect class="sf-dark" x="0" y="0" width="340" height="%1$.2f"/><rect class="slot" x="0" y="%1$.2f" width="340" height="340"/></g><rect class="slot" x="166" y="0" width="80" height="340" clip-path="url(#field)"/><circle class="sf-rim" cx="170" cy="170" r="164"/><path class="sf-tick" d="M160 %1$.2fh12"/>',
            $edge,
        );
        for ($tenth = (int) (10 * PractiseScale::FROM_PCT); $tenth <= 10 * PractiseScale::TO_PCT; $tenth += 2) {
            $at = $y($tenth / 10.0);
            $whole = $tenth % 10 === 0;
            $out .=
                sprintf('<path class="sf-tick" d="M172 %.2fh%d"/>', $at, $whole ? 34 : 18).
                ($whole
                    ? sprintf('<text class="t14 b" x="214" y="%.2f">%d</text>', $at + 5.0, intdiv($tenth, 10))
                    : '');
        }
        $mark = 300.0 - (($scale->temperatureC - 5.0) / 30.0) * 260.0;
        $out .=
            '<rect class="bxo" x="396" y="30" width="16" height="276" rx="8"/>'.
            sprintf('<path class="sf-merc" d="M404 304V%.1f"/>', $mark);
        for ($c = 5; $c <= 35; $c++) {
            $at = 300.0 - (($c - 5) / 30.0) * 260.0;
            $out .=
                sprintf('<path class="sf-tick" d="M414 %.1fh%d"/>', $at, $c % 5 === 0 ? 12 : 6).
                ($c % 5 === 0 ? sprintf('<text class="t14" x="430" y="%.1f">%d °C</text>', $at + 5.0, $c) : '');
        }

        return '<svg class="practise-scale" viewBox="0 0 490 340" role="img" aria-label="'.
            e($words).
            '">'.
            $out.
            '</svg>';
    }

    /**
     * Guess across, truth up; on the line they are the same.
     *
     * @param  list<array{float, float}>  $pairs  truth and guess, on the axis's own scale
     * @param  array{float, float}  $axis
     * @param  ?callable(float): float  $corrected  where a guess would be put
     */
    public static function plot(array $pairs, array $axis, string $words, ?callable $corrected = null): string
    {
        $at = static fn (float $value): float => (($value - $axis[0]) / ($axis[1] - $axis[0])) * 200.0;
        $out = '<path class="rl2" d="M40 10v200h200"/><path class="rl" d="M40 210L240 10"/>';
        foreach ([0.0, 0.5, 1.0] as $part) {
            $value = $axis[0] + $part * ($axis[1] - $axis[0]);
            $label = $axis[1] <= 1.0 ? round(100.0 * $value).' %' : round($value, 1).' %';
            $out .= sprintf(
                '<text class="t12 soft" x="%.1f" y="226" text-anchor="middle">%s</text><text class="t12 soft" x="36" y="%.1f" text-anchor="end">%s</text>',
                40.0 + 200.0 * $part,
                $label,
                214.0 - 200.0 * $part,
                $label,
            );
        }
        if ($corrected !== null) {
            $line = '';
            for ($i = 1; $i < 20; $i++) {
                $line .= sprintf(
                    '%s%.1f %.1f',
                    $line === '' ? 'M' : 'L',
                    40.0 + $at($i / 20.0),
                    210.0 - $at($corrected($i / 20.0)),
                );
            }
            $out .= '<path class="mline" d="'.$line.'"/>';
        }
        foreach ($pairs as [$truth, $guess]) {
            $out .= sprintf(
                '<circle class="gf gl" cx="%.1f" cy="%.1f" r="3"/>',
                40.0 + min(200.0, max(0.0, $at($guess))),
                210.0 - min(200.0, max(0.0, $at($truth))),
            );
        }

        return '<svg class="practise-plot" viewBox="0 0 280 250" role="img" aria-label="'.
            e($words).
            '">'.
            $out.
            '<text class="t12 soft" x="140" y="244" text-anchor="middle">'.
            e(__('your estimate')).
            '</text><text class="t12 soft" x="46" y="20">'.
            e(__('truth')).
            '</text></svg>';
    }
}
