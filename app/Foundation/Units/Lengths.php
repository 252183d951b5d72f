<?php

declare(strict_types=1);

namespace App\Foundation\Units;

/** Lengths of boxes, areas of comb and ways by road, as a person measures them and as they are stored. */
final readonly class Lengths
{
    private const MM_PER_INCH = 25.4;

    private const SQUARE_INCHES_PER_DM2 = (100.0 / self::MM_PER_INCH) ** 2;

    private const KM_PER_MILE = 1.609344;

    /** @param  bool  $inches  where weights are in pounds, lengths are in inches and ways in miles */
    public function __construct(private bool $inches)
    {
    }

    public function unit(): string
    {
        return $this->inches ? __('in') : __('mm');
    }

    public function value(float $mm): float
    {
        return $this->inches ? round($mm / self::MM_PER_INCH, 2) : $mm;
    }

    /** From the person's unit to mm. */
    public function toMm(float $value): float
    {
        return $this->inches ? $value * self::MM_PER_INCH : $value;
    }

    public function areaUnit(): string
    {
        return $this->inches ? __('sq in') : __('dm²');
    }

    public function area(float $dm2): float
    {
        return $this->inches ? round($dm2 * self::SQUARE_INCHES_PER_DM2, 1) : $dm2;
    }

    /** A length measured by hand: the depth of honey, the distance of a comb from the shaft. */
    public function handUnit(): string
    {
        return $this->inches ? __('in') : __('cm');
    }

    public function hand(float $cm): float
    {
        return $this->inches ? round(10.0 * $cm / self::MM_PER_INCH, 1) : round($cm, 1);
    }

    public function depth(float $cm): string
    {
        return $this->hand($cm)."\u{202F}".$this->handUnit();
    }

    /** From the person's unit to cm. */
    public function toCm(float $value): float
    {
        return $this->inches ? 0.1 * $value * self::MM_PER_INCH : $value;
    }

    /** A way by road or through the air. */
    public function way(float $km): string
    {
        return $this->inches
            ? round($km / self::KM_PER_MILE)."\u{202F}".__('miles')
            : round($km)."\u{202F}".__('km');
    }
}
