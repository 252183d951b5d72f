<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/** Uploaded files that a person checks before they are read in: saved for a day, seen by their owner alone. */
final class Parked
{
    private const SECONDS = 86400;

    /** @param  string  $owner  id of the operation */
    public function keep(string $owner, string $text, string $name): string
    {
        $key = (string) Str::ulid();
        Cache::put(self::place($owner, $key), ['name' => $name, 'text' => base64_encode((string) gzdeflate($text))], self::SECONDS);

        return $key;
    }

    public function find(string $owner, string $key): ?ParkedFile
    {
        $kept = Str::isUlid($key) ? Cache::get(self::place($owner, $key)) : null;
        if (! is_array($kept) || ! is_string($kept['text'] ?? null) || ! is_string($kept['name'] ?? null)) {
            return null;
        }
        $text = gzinflate((string) base64_decode($kept['text'], true));

        return $text === false ? null : new ParkedFile($kept['name'], $text);
    }

    private static function place(string $owner, string $key): string
    {
        return "parked.$owner.$key";
    }
}
