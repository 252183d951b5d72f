<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

/** How much of the calendar the chart shows. */
enum Span: string
{
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';
    case Season = 'season';

    public function words(): string
    {
        return match ($this) {
            self::Day => __('Day'),
            self::Week => __('Week'),
            self::Month => __('Month'),
            self::Season => __('Season'),
        };
    }

    /** @return ?self one step nearer */
    public function nearer(): ?self
    {
        return match ($this) {
            self::Season => self::Month,
            self::Month => self::Week,
            self::Week => self::Day,
            self::Day => null,
        };
    }

    /** @return ?self one step further off */
    public function further(): ?self
    {
        return match ($this) {
            self::Day => self::Week,
            self::Week => self::Month,
            self::Month => self::Season,
            self::Season => null,
        };
    }
}
