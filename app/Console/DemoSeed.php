<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Operation;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Fills an empty database with the invented demo. */
final class DemoSeed extends Command
{
    protected $signature = 'demo:seed
        {--if-empty : do nothing where there is an operation already}
        {--large : a third operation of 300 hives over 8 seasons, for measuring}';

    protected $description = 'Fill the database with the invented demo';

    public function handle(): int
    {
        if ($this->option('if-empty') === true && Operation::query()->exists()) {
            return self::SUCCESS;
        }
        $this->line('Making the demo: four yards, five seasons ...');
        app(DemoSeeder::class)->run();
        if ($this->option('large') === true) {
            app(DemoSeeder::class)->large();
        }

        return self::SUCCESS;
    }
}
