<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Models\Box;

/** Where a box is assessed. */
final class BoxPage
{
    public static function url(Box $box, ?int $slot = null, ?string $day = null): string
    {
        $hive = $box->load('place.hive.stand.apiary')->place?->hive;

        return $hive === null
            ? route('assess.index')
            : route(
                'assess.hive',
                [$hive->stand->apiary->slug, $hive->code, 'box' => $box->id] +
                    array_filter(['slot' => $slot, 'on' => $day]),
            );
    }
}
