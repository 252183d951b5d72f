<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'whole-file'),
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'marjoram_session',
    'path' => '/',
    'http_only' => true,
    'same_site' => 'lax',
    'secure' => env('SESSION_SECURE_COOKIE', str_starts_with((string) (env('MARJORAM_URL') ?: env('APP_URL')), 'https:')),
];
