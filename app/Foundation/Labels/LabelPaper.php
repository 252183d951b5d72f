<?php

declare(strict_types=1);

namespace App\Foundation\Labels;

/** Common sheets of labels, by the measures printed on their packets. */
enum LabelPaper: string
{
    case A4x24 = 'a4-24';
    case A4x21 = 'a4-21';
    case A4x14 = 'a4-14';
    case Letterx30 = 'letter-30';
    case Letterx10 = 'letter-10';

    public function size(): string
    {
        return str_starts_with($this->value, 'a4') ? 'a4' : 'letter';
    }

    /**
     * Columns and rows; in mm the label, the margins left and above, and from one label to the next.
     *
     * @return array{int, int, float, float, float, float, float, float}
     */
    public function measures(): array
    {
        return match ($this) {
            self::A4x24 => [3, 8, 70.0, 37.0, 0.0, 0.5, 70.0, 37.0],
            self::A4x21 => [3, 7, 63.5, 38.1, 7.2, 15.1, 66.0, 38.1],
            self::A4x14 => [2, 7, 99.1, 38.1, 4.7, 15.1, 101.6, 38.1],
            self::Letterx30 => [3, 10, 66.7, 25.4, 4.8, 12.7, 69.8, 25.4],
            self::Letterx10 => [2, 5, 101.6, 50.8, 4.0, 12.7, 106.4, 50.8],
        };
    }

    public function count(): int
    {
        [$columns, $rows] = $this->measures();

        return $columns * $rows;
    }

    /** @return array<string, string> */
    public static function names(): array
    {
        $names = [];
        foreach (self::cases() as $one) {
            [, , $width, $height] = $one->measures();
            $names[$one->value] = __(':n labels of :w × :h mm, :paper', [
                'n' => $one->count(),
                'w' => $width,
                'h' => $height,
                'paper' => $one->size() === 'a4' ? 'A4' : 'Letter',
            ]);
        }

        return $names;
    }
}
