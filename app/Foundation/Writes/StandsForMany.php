<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** A record that came with many others in one write: what is said of the write is said of it. */
interface StandsForMany
{
}
