<?php

declare(strict_types=1);

namespace App\Foundation\Server;

/**
 * More memory and time for one request that reads a large file: the limits are raised, never lowered. At a command
 * line no time is limited, and a limit set there would end what runs long after the request.
 */
final class Allowance
{
    private const MEGABYTE = 1048576;

    public static function atLeast(int $megabytes, int $seconds): void
    {
        $memory = ini_parse_quantity((string) ini_get('memory_limit'));
        if ($memory > 0 && $memory < $megabytes * self::MEGABYTE) {
            ini_set('memory_limit', "{$megabytes}M");
        }
        $time = (int) ini_get('max_execution_time');
        if ($time > 0 && $time < $seconds) {
            set_time_limit($seconds);
        }
    }
}
