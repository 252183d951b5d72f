<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Server\Heartbeat;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Tells for each part of the installation whether it works, a line each; for monitors and the start script. */
final class HealthController
{
    /** With less free space than this the next writes may fail. */
    private const LEAST_BYTES = 50 * 1024 * 1024;

    public function __invoke(): Response
    {
        $needed = [
            'database' => self::works(static fn (): bool => DB::select('select 1') !== []),
            'storage' => self::works(self::isWritable(...)),
            'disk' => self::works(static fn (): bool => self::hasRoom(storage_path())),
            // The database may be on another disk.
            'database-disk' => self::works(static fn (): bool => self::hasRoom(self::databaseFolder())),
        ];
        $lines = [];
        foreach ($needed + self::workers() as $part => $state) {
            $lines[] = "$part $state";
        }
        $isUp = ! in_array('down', $needed, true);

        return new Response(implode("\n", [$isUp ? 'up' : 'down', ...$lines])."\n", $isUp ? 200 : 503, [
            'Content-Type' => 'text/plain',
        ]);
    }

    /** @param  callable(): bool  $test */
    private static function works(callable $test): string
    {
        try {
            return $test() ? 'up' : 'down';
        } catch (Throwable) {
            return 'down';
        }
    }

    private static function isWritable(): bool
    {
        $probe = storage_path('framework/probe-'.getmypid());
        $isWritten = @file_put_contents($probe, 'up') === 2;
        @unlink($probe);

        return $isWritten;
    }

    private static function hasRoom(string $folder): bool
    {
        $free = @disk_free_space($folder);

        return $free === false || $free > self::LEAST_BYTES;
    }

    /** As the server names it, where it is on this machine; else where this installation keeps it. */
    private static function databaseFolder(): string
    {
        $folder = DB::scalar('select @@datadir');

        return is_string($folder) && is_dir($folder) ? $folder : base_path('var');
    }

    /** @return array<string, string> those that pages do without for a while */
    private static function workers(): array
    {
        $state = static fn (string $worker): string => Heartbeat::isHeard($worker) ? 'up' : 'silent';

        return [
            'queue' => $state(Heartbeat::QUEUE),
            'scheduler' => $state(Heartbeat::SCHEDULER),
        ];
    }
}
