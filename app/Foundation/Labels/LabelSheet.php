<?php

declare(strict_types=1);

namespace App\Foundation\Labels;

/** Where each label lies on its sheet. */
final readonly class LabelSheet
{
    public float $widthMm;

    public float $heightMm;

    public function __construct(private LabelPaper $paper, public int $pages)
    {
        [, , $this->widthMm, $this->heightMm] = $paper->measures();
    }

    /** @return list<array{float, float}> mm from the left and the top of the sheet */
    public function places(): array
    {
        [$columns, $rows, , , $left, $top, $right, $down] = $this->paper->measures();
        $places = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $places[] = [$left + $column * $right, $top + $row * $down];
            }
        }

        return $places;
    }
}
