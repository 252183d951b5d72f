<?php

declare(strict_types=1);

// What was computed by other code is computed again: the newest change to any of it, as a number.
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

// Where people reach this installation: MARJORAM_URL may name several with commas between; letters name the first.
$given = (string) (env('MARJORAM_URL') ?: env('APP_URL', 'http://127.0.0.1'));
$addresses = array_filter(array_map(static fn (string $one): string => rtrim(trim($one), '/'), explode(',', $given)));

return [
    'code' => $code(),
    'name' => 'Marjoram',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => $addresses[0] ?? 'http://127.0.0.1',
    'addresses' => array_values($addresses),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
