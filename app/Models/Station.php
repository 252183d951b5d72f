<?php

declare(strict_types=1);

namespace App\Models;

/** Where a super or a frame stands on its way through the honey room. */
enum Station: string
{
    case Awaited = 'awaited';
    case Missing = 'missing';
    case Door = 'door';
    case Dry = 'dry';
    case Spun = 'spun';
    case Home = 'home';
    case Cleaning = 'cleaning';
    case Stored = 'stored';

    /** Full, and in the honey room. */
    public function isFull(): bool
    {
        return $this === self::Door || $this === self::Dry;
    }

    /** Its honey is out of the combs. */
    public function isEmptied(): bool
    {
        return in_array($this, [self::Spun, self::Home, self::Cleaning, self::Stored], true);
    }

    /** On the sheet, and not here. */
    public function isAway(): bool
    {
        return $this === self::Awaited || $this === self::Missing;
    }

    public function words(): string
    {
        return match ($this) {
            self::Awaited => __('not here yet'),
            self::Missing => __('did not come'),
            self::Door => __('at the door'),
            self::Dry => __('in the warm room'),
            self::Spun => __('wet, dripping'),
            self::Home => __('back in a hive'),
            self::Cleaning => __('at the cleaning place'),
            self::Stored => __('in store'),
        };
    }
}
