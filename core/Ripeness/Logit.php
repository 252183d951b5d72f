<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** Shares on the logit scale, where their errors are even. */
final class Logit
{
    /** @param  float  $share  above 0 and below 1 */
    public static function of(float $share): float
    {
        return log($share / (1.0 - $share));
    }

    public static function share(float $logit): float
    {
        return 1.0 / (1.0 + exp(-$logit));
    }
}
