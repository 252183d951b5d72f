<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;

/** A weather service that knows the coming days of a place. */
interface Forecast
{
    /**
     * @param  list<float>  $climate  monthly means of the place, C
     * @return list<array{date: string, min_c: float, max_c: float, rain_p: float, sun: float}>
     *
     * @throws Unreachable when it gives no answer that makes sense
     */
    public function days(float $latitude, float $longitude, array $climate, DateTimeImmutable $from, int $days): array;
}
