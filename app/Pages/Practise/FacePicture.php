<?php

declare(strict_types=1);

namespace App\Pages\Practise;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use Marjoram\Core\Practise\PractiseFace;

/** A comb face cell by cell, in its wooden frame. */
final class FacePicture
{
    private const MARGIN = 1.5;

    /** @param  string  $words  what is said to those who cannot see it */
    public static function of(PractiseFace $face, string $words): Picture
    {
        $deep = (float) PractiseFace::ROWS;
        $wide = PractiseFace::COLUMNS + 0.5;
        $paths = self::paths($face);
        $canvas = (new Canvas)
            ->rect('slot', 0.0, 0.0, $wide, $deep)
            ->path('pf-open', $paths[PractiseFace::OPEN])
            ->path('pf-cap', $paths[PractiseFace::CAPPED])
            ->rect('pf-comb', 0.0, 0.0, $wide, $deep);
        $outer = sprintf('M-1.5 -2.5H%1$s V%2$s H-1.5z', $wide + 1.0, $deep + self::MARGIN);
        $inner = sprintf('M.5 0V%1$d H%2$s V0z', $deep, $wide - 0.5);
        $canvas->within('g', ['fill-rule' => 'evenodd'], static fn (Canvas $g) => $g->path('wall', $outer.$inner));
        $box = sprintf('-1.5 -2.5 %s %s', $wide + 2.5, $deep + 4.0);

        return new Picture($wide, $deep, $canvas->shapes(), $words, 'practise-face', box: $box);
    }

    /** @return array<int, string> by what is in the cells */
    private static function paths(PractiseFace $face): array
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

        return $paths;
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
}
