<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

if (! str_ends_with((string) ($_ENV['DB_DATABASE'] ?? ''), '_test')) {
    fwrite(STDERR, "Tests run only on a database whose name ends in _test.\n");
    exit(1);
}
