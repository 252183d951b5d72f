<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

// Structured lines without personal data: ids only, never names, addresses or what was entered.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/marjoram.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'days' => 14,
            'formatter' => JsonFormatter::class,
        ],
        // Of bin/start --dev: what each request cost.
        'dev' => ['driver' => 'single', 'path' => storage_path('logs/dev.log')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
