<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Equipment;

use App\Apiary\Operation\CurrentOperation;
use App\Devices\HttpBenchScale;
use App\Devices\Unreachable;
use Illuminate\Validation\ValidationException;

/** The scale of the honey room, as the operation has one. */
final readonly class RoomScale
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** @throws ValidationException if there is no scale, or it gives no weight */
    public function kg(): float
    {
        $address = $this->current->get()->bench_scale;
        if ($address === null || $address === '') {
            throw ValidationException::withMessages([
                'weigh' => __('No scale is entered under Room and machine. Type the weight.'),
            ]);
        }
        try {
            return (new HttpBenchScale($address))->kg();
        } catch (Unreachable $silence) {
            throw ValidationException::withMessages(['weigh' => $silence->getMessage()]);
        }
    }
}
