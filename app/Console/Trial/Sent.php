<?php

declare(strict_types=1);

namespace App\Console\Trial;

/** What one client of a trial saw; written to a file, read by the count. */
final class Sent
{
    /** @var array<string, float> when the write of this mark was answered, Unix seconds */
    public array $acknowledged = [];

    /** @var array<string, float> when its undoing was answered */
    public array $undone = [];

    /** Answers that say that the application failed (500). */
    public int $failed = 0;

    /** No answer, or one that says to come again (502, 503, 504): sent again under the same key. */
    public int $putOff = 0;

    /** Times that the client had to sign in again. */
    public int $signedOut = 0;

    /** Seconds from a write's first sending to its answer, at the longest. */
    public float $longestWait = 0.0;

    public function write(string $file): void
    {
        file_put_contents($file, serialize($this));
    }

    /** @return list<self> of all clients */
    public static function readAll(string $folder): array
    {
        $all = [];
        foreach (glob("$folder/*.sent") ?: [] as $file) {
            $sent = unserialize((string) file_get_contents($file), ['allowed_classes' => [self::class]]);
            assert($sent instanceof self);
            $all[] = $sent;
        }

        return $all;
    }
}
