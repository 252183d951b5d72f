<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

/** A super that is to come off, with its hive. */
final readonly class ComingSuper
{
    public function __construct(public string $hiveId, public string $code, public SuperDigest $super)
    {
    }
}
