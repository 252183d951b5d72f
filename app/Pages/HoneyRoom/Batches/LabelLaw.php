<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

/**
 * How a country asks the net quantity to be said, from memory: EU, United Kingdom, Australia and New Zealand in metric;
 * the United States and Canada as below. The keeper's own law decides.
 */
enum LabelLaw: string
{
    case Metric = 'metric';
    case UnitedStates = 'us';
    case Canada = 'ca';

    private const G_PER_OZ = 28.349523125;

    public function net(int $grams): string
    {
        $metric = $grams >= 1000 ? self::plain($grams / 1000.0).' kg' : "$grams g";
        $ounces = $grams / self::G_PER_OZ;

        return match ($this) {
            self::Metric, self::Canada => $metric,
            self::UnitedStates => 'NET WT '.($ounces >= 16.0
                ? self::plain(round($ounces, 1)).' oz ('.self::pounds($ounces).')'
                : self::plain(round($ounces, 1)).' oz')." ($metric)",
        };
    }

    /** @return array<string, string> */
    public static function names(): array
    {
        return [
            self::Metric->value => __('grams (EU, United Kingdom, Australia, New Zealand)'),
            self::UnitedStates->value => __('ounces and grams (United States)'),
            self::Canada->value => __('grams (Canada)'),
        ];
    }

    private static function pounds(float $ounces): string
    {
        $pounds = (int) floor($ounces / 16.0 + 1e-6);
        $rest = round($ounces - 16.0 * $pounds, 1);

        return $rest > 0.04 ? "$pounds lb ".self::plain($rest).' oz' : "$pounds lb";
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
