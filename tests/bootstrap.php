<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Each process of tests has a database of its own, cloned from the seeded one by bin/test.
$database = 'app_'.(getenv('TEST_TOKEN') ?: '1').'_test';
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $database;
putenv("DB_DATABASE=$database");
