<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Foundation\Units\Formatter;

/** A drive from one place to another, in minutes. */
final readonly class DriveRow
{
    /**
     * @param  string  $key  id of the yard, or the word for the honey room
     * @param  ?float  $own  as the keeper knows it
     * @param  float  $calculated  by the coordinates
     */
    public function __construct(public string $key, public string $name, public ?float $own, public float $calculated)
    {
    }

    public function hint(Formatter $format): string
    {
        $minutes = ['minutes' => $format->minutes($this->calculated)];

        return $this->own === null
            ? __('calculated: ~:minutes', $minutes)
            : __('yours; by the map ~:minutes', $minutes);
    }
}
