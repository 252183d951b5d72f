<?php

declare(strict_types=1);

namespace App\Console;

use App\Foundation\Writes\Bin;
use Illuminate\Console\Command;

/** Takes out of the bin what has lain there for longer than 30 days. */
final class EmptyBin extends Command
{
    protected $signature = 'bin:empty';

    protected $description = 'Delete for good what has been in the bin for 30 days';

    public function handle(): int
    {
        $this->line((string) Bin::emptyOlderThan(now()->subDays(Bin::DAYS)));

        return self::SUCCESS;
    }
}
