<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\InvalidInput;

/** Minutes between the depot (0) and the yards (1 ...), closed by shortest paths (Floyd 1962), O(n^3). */
final readonly class Travel
{
    /** @param  array<int, array<int, float>>  $minutes */
    private function __construct(public array $minutes, public bool $wasClosed)
    {
    }

    /**
     * @param  list<list<float|null>>  $matrix
     *
     * @throws InvalidInput when it is not square, has a hole, or a time is out of range
     */
    public static function of(array $matrix, int $places): self
    {
        $rows = [];
        if (count($matrix) !== $places) {
            throw InvalidInput::because(
                'The travel times have :rows rows; they need :wanted: the depot and each yard.',
                "$places rows",
                '/travel_min',
                ['rows' => count($matrix), 'wanted' => $places],
            );
        }
        foreach ($matrix as $i => $row) {
            if (count($row) !== $places) {
                throw InvalidInput::because(
                    'Row :row of the travel times has :entries entries; it needs :wanted.',
                    "$places entries",
                    "/travel_min/$i",
                    ['row' => $i, 'entries' => count($row), 'wanted' => $places],
                );
            }
            foreach ($row as $j => $value) {
                if ($value === null) {
                    throw InvalidInput::because(
                        'The time from place :from to place :to is missing.',
                        'minutes',
                        "/travel_min/$i/$j",
                        ['from' => $i, 'to' => $j],
                    );
                }
                InvalidInput::unlessWithin($value, 0.0, 2000.0, 'A travel time', "/travel_min/$i/$j");
                $rows[$i][$j] = $i === $j ? 0.0 : $value;
            }
        }

        return self::closed(array_map(array_values(...), array_values($rows)));
    }

    /** @param  array<int, array<int, float>>  $minutes */
    private static function closed(array $minutes): self
    {
        $n = count($minutes);
        $changed = false;
        for ($k = 0; $k < $n; $k++) {
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    $through = $minutes[$i][$k] + $minutes[$k][$j];
                    if ($through < $minutes[$i][$j] - 1e-9) {
                        $minutes[$i][$j] = $through;
                        $changed = true;
                    }
                }
            }
        }

        return new self($minutes, $changed);
    }
}
