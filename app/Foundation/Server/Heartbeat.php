<?php

declare(strict_types=1);

namespace App\Foundation\Server;

use Illuminate\Support\Facades\Cache;
use Throwable;

/** Times at which a worker last said that it runs. */
final class Heartbeat
{
    public const QUEUE = 'queue';

    public const SCHEDULER = 'scheduler';

    /** A worker says so each second; during a long search it says so only at the end. */
    private const SILENT_SECONDS = 180;

    public static function of(string $worker): void
    {
        Cache::put(self::key($worker), time(), 86400);
    }

    public static function isHeard(string $worker): bool
    {
        try {
            $last = Cache::get(self::key($worker));
        } catch (Throwable) {
            return false;
        }

        return is_int($last) && time() - $last < self::SILENT_SECONDS;
    }

    public static function key(string $worker): string
    {
        return "heartbeat.$worker";
    }
}
