<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Flow\YardFlow;
use App\Drawing\Picture;
use App\Models\Apiary;

/** A yard's flow with its picture. */
final readonly class WatchedYard
{
    /** @param  ?Picture  $picture  null where no scale speaks */
    public function __construct(public Apiary $apiary, public YardFlow $flow, public ?Picture $picture)
    {
    }
}
