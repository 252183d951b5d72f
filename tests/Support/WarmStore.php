<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Cache\ArrayStore;

/**
 * The cache of a test: what the pages of the untouched demo have computed lies under it and is never changed, so that a
 * test pays only for what it writes. It is stamped with the revisions of the records that it came from, as all that is
 * cached is; a test that writes reads nothing that is stale.
 */
final class WarmStore extends ArrayStore
{
    /** @var array<string, array{value: mixed, expiresAt: float}>|null read once a process */
    private static ?array $base = null;

    public function __construct(string $file)
    {
        parent::__construct(true);
        self::$base ??= self::read($file);
        $this->storage = self::$base;
    }

    /** @return array<string, array{value: mixed, expiresAt: float}> */
    private static function read(string $file): array
    {
        $stored = is_file($file) ? unserialize((string) file_get_contents($file), ['allowed_classes' => false]) : [];

        /** @var array<string, array{value: mixed, expiresAt: float}> $stored */
        return is_array($stored) ? $stored : [];
    }
}
