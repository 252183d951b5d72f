<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

/**
 * Limits of water in honey. Codex Alimentarius CXS 12-1981, 3.4 (20 %, heather 23 %); United States
 * Standards for Grades of Extracted Honey, 1985 (18.6 % and 20 %); Lochhead (1933). All from memory.
 */
final class Standards
{
    public const CODEX_PCT = 20.0;

    public const CODEX_HEATHER_PCT = 23.0;

    public const US_GRADE_AB_PCT = 18.6;

    public const US_GRADE_C_PCT = 20.0;

    public static function codexLimitPct(bool $heather): float
    {
        return $heather ? self::CODEX_HEATHER_PCT : self::CODEX_PCT;
    }

    public static function usGrade(float $waterPct): string
    {
        return match (true) {
            $waterPct <= self::US_GRADE_AB_PCT => 'A or B',
            $waterPct <= self::US_GRADE_C_PCT => 'C',
            default => 'substandard',
        };
    }

    public static function liabilityToFerment(float $waterPct): string
    {
        /** @var list<array{float, string}> $classes */
        $classes = require __DIR__.'/data/fermentation-risk.php';
        foreach ($classes as [$upTo, $words]) {
            if ($waterPct <= $upTo) {
                return $words;
            }
        }

        return $classes[count($classes) - 1][1];
    }
}
