<?php

declare(strict_types=1);

// What was computed by other code is computed anew: the newest change to any of it, as a number.
$code = static function (): string {
    $newest = 0;
    foreach ([__DIR__.'/../app', __DIR__.'/../core'] as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $newest = max($newest, $file->getMTime());
        }
    }

    return dechex($newest);
};

return [
    'code' => $code(),
    'name' => 'Marjoram',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
