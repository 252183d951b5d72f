<?php

declare(strict_types=1);

namespace Marjoram\Core\Calibration;

/**
 * How a person's eye did over a row of faces: bias, spread, and what a correction learnt from the others would have
 * mended.
 */
final readonly class EyeTest
{
    private function __construct(
        public int $count,
        public float $bias,
        public float $spread,
        public float $rmsBefore,
        public float $rmsAfter,
        public EyeCorrection $correction,
    ) {
    }

    /**
     * Each try is corrected by what the other tries teach (leave one out), so that the figure after is an honest one.
     *
     * @param  non-empty-list<array{float, float}>  $tries  truth and guess, shares 0 to 1
     */
    public static function of(array $tries): self
    {
        $count = count($tries);
        $errors = array_map(static fn (array $try): float => $try[1] - $try[0], $tries);
        $bias = array_sum($errors) / $count;
        $spread =
            $count > 1
                ? sqrt(
                    array_sum(array_map(static fn (float $one): float => ($one - $bias) ** 2, $errors)) / ($count - 1),
                )
                : 0.0;
        $after = 0.0;
        foreach ($tries as $i => [$truth, $guess]) {
            $others = $tries;
            array_splice($others, $i, 1);
            $after += (EyeCorrection::learn($others)->share($guess) - $truth) ** 2;
        }

        return new self(
            $count,
            $bias,
            $spread,
            sqrt(array_sum(array_map(static fn (float $one): float => $one * $one, $errors)) / $count),
            sqrt($after / $count),
            EyeCorrection::learn($tries),
        );
    }
}
