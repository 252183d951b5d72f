<?php

declare(strict_types=1);

namespace App\Foundation\Units;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Marjoram\Core\Numerics\Normal;

/** Turns stored figures into text in the person's units, and entered figures back. */
final readonly class Formatter
{
    private const KG_PER_LB = 0.45359237;

    private const LITRES_PER_US_GALLON = 3.785411784;

    private const LITRES_PER_UK_GALLON = 4.54609;

    private const NARROW = "\u{202F}";

    public Lengths $lengths;

    public function __construct(public Preferences $preferences = new Preferences)
    {
        $this->lengths = new Lengths($preferences->pounds());
    }

    public function massUnit(): string
    {
        return $this->preferences->pounds() ? __('lb') : __('kg');
    }

    public function temperatureUnit(): string
    {
        return $this->preferences->fahrenheit() ? '°F' : '°C';
    }

    public function volumeUnit(): string
    {
        return match ($this->preferences->system) {
            'us' => __('US gal'),
            'uk' => __('gal'),
            default => __('l'),
        };
    }

    /** 17.0 kg: a measured or calculated mass. */
    public function kg(float|int|null $kg, int $decimals = 1): string
    {
        return $kg === null
            ? '–'
            : self::number($this->massValue((float) $kg), $decimals).self::NARROW.$this->massUnit();
    }

    /** A gain or a loss, signed, without its unit; a dash where it is not known. */
    public function gain(?float $kg): string
    {
        $value = $kg === null ? null : round($this->massValue($kg), 1);

        return $value === null ? '–' : ($value < 0.0 ? '−' : '+').self::number(abs($value), 1);
    }

    public function massValue(float $kg): float
    {
        return $this->preferences->pounds() ? $kg / self::KG_PER_LB : $kg;
    }

    /** What a kg costs, of the person's unit. */
    public function perMass(float $perKg): float
    {
        return $perKg / $this->massValue(1.0);
    }

    /** From the person's unit to kg. */
    public function massToKg(float $value): float
    {
        return $this->preferences->pounds() ? $value * self::KG_PER_LB : $value;
    }

    /** (15.7 to 18.3): the middle 80 % of an estimate. */
    public function kgRange(float $kg, float $sdKg, int $decimals = 1): string
    {
        return $this->kgBetween(max(0.0, $kg - Normal::EIGHTY * $sdKg), $kg + Normal::EIGHTY * $sdKg, $decimals);
    }

    /** The middle 80 % of a gain, which may be a loss. */
    public function gainRange(float $kg, float $sdKg): string
    {
        return $this->kgBetween($kg - Normal::EIGHTY * $sdKg, $kg + Normal::EIGHTY * $sdKg);
    }

    /** (15.7 to 18.3): two masses. */
    public function kgBetween(float $lowKg, float $highKg, int $decimals = 1): string
    {
        return $this->range($this->massValue($lowKg), $this->massValue($highKg), $decimals);
    }

    /** The middle 80 % about a mean, of a figure that is no mass. */
    public function spread(float $mean, float $sd, int $decimals = 1): string
    {
        return $this->range($mean - Normal::EIGHTY * $sd, $mean + Normal::EIGHTY * $sd, $decimals);
    }

    /** (62 to 86): two shares, in per cent. */
    public function shareBetween(float $low, float $high): string
    {
        return $this->range(100 * $low, 100 * $high, 0);
    }

    public function range(float $lo, float $hi, int $decimals = 1): string
    {
        return __('(:lo to :hi)', ['lo' => self::number($lo, $decimals), 'hi' => self::number($hi, $decimals)]);
    }

    /** Rounds to the nearest multiple of a step, so that no figure looks more exact than it is. */
    public function nearest(float $value, int $step): int
    {
        return (int) round($value / $step) * $step;
    }

    /** A date as it is stored, Y-m-d. */
    public function dateOf(string $date): string
    {
        return $this->date(new DateTimeImmutable($date));
    }

    public function percent(?float $share, int $decimals = 0): string
    {
        return $share === null ? '–' : self::number(100.0 * $share, $decimals).self::NARROW.'%';
    }

    public function water(?float $pct): string
    {
        return $pct === null ? '–' : self::number($pct, 1).self::NARROW.'%';
    }

    public function celsius(float $c): string
    {
        return self::number($this->temperatureValue($c), 0).self::NARROW.$this->temperatureUnit();
    }

    /** A difference of temperatures. */
    public function degrees(float $c): string
    {
        $value = $this->temperatureValue($c) - $this->temperatureValue(0.0);

        return self::number($value, 1).self::NARROW.$this->temperatureUnit();
    }

    public function temperatureValue(float $c): float
    {
        return $this->preferences->fahrenheit() ? ($c * 9.0) / 5.0 + 32.0 : $c;
    }

    public function temperatureToC(float $value): float
    {
        return $this->preferences->fahrenheit() ? (($value - 32.0) * 5.0) / 9.0 : $value;
    }

    public function litres(float $litres): string
    {
        $value = match ($this->preferences->system) {
            'us' => $litres / self::LITRES_PER_US_GALLON,
            'uk' => $litres / self::LITRES_PER_UK_GALLON,
            default => $litres,
        };

        return self::number($value, 1).self::NARROW.$this->volumeUnit();
    }

    /** From the person's unit to litres. */
    public function volumeToLitres(float $value): float
    {
        return match ($this->preferences->system) {
            'us' => $value * self::LITRES_PER_US_GALLON,
            'uk' => $value * self::LITRES_PER_UK_GALLON,
            default => $value,
        };
    }

    public function minutes(float $minutes): string
    {
        return $minutes < 90.0
            ? self::number($minutes, 0).self::NARROW.__('min')
            : self::number($minutes / 60.0, 1).self::NARROW.__('h');
    }

    /** 4 Aug */
    public function day(?DateTimeInterface $date): string
    {
        return $date === null ? '–' : $date->format('j').' '.__($date->format('M'));
    }

    /** Tue 4 Aug */
    public function weekday(DateTimeInterface $date): string
    {
        return __($date->format('D')).' '.$this->day($date);
    }

    /** @param  list<DateTimeInterface>  $dates */
    public function weekdays(array $dates): string
    {
        return implode(', ', array_map($this->weekday(...), $dates));
    }

    /** 4 Aug 2026 */
    public function date(?DateTimeInterface $date): string
    {
        return $date === null ? '–' : $this->day($date).' '.$date->format('Y');
    }

    /** 4 Aug 10:05, where the operation is. */
    public function moment(?DateTimeInterface $at, string $timeZone): string
    {
        if ($at === null) {
            return '–';
        }
        $local = \DateTimeImmutable::createFromInterface($at)->setTimezone(new DateTimeZone($timeZone));

        return $this->day($local).' '.$local->format('H:i');
    }

    public static function number(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_starts_with($text, '-')
            ? (ltrim($text, '-0.') === ''
                ? ltrim($text, '-')
                : '−'.substr($text, 1))
            : $text;
    }
}
