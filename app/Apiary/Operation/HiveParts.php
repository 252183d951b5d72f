<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Illuminate\Support\Facades\Cache;

/** Cached results for the hives of a yard under one key, each serialized alone: one is read without the rest. */
final readonly class HiveParts
{
    private const DAYS = 7;

    /** A hive that is gone leaves its result behind; beyond so many results all are made again. */
    private const MOST = 400;

    public function __construct(private string $key, private string $context)
    {
    }

    /**
     * @param  array<string, ?string>  $stamps  by hive id; null for one that is not to be taken from here
     * @return array<string, mixed> those that are as new, by hive id
     */
    public function read(array $stamps): array
    {
        $kept = $this->all();
        $found = [];
        foreach ($stamps as $id => $stamp) {
            if ($stamp !== null && ($kept[$id][0] ?? null) === "$stamp.$this->context") {
                $found[$id] = unserialize($kept[$id][1]);
            }
        }

        return $found;
    }

    /**
     * @param  array<string, ?string>  $stamps
     * @param  array<string, mixed>  $parts
     */
    public function write(array $stamps, array $parts): void
    {
        $kept = $this->all();
        foreach ($stamps as $id => $stamp) {
            if ($stamp !== null) {
                $kept[$id] = ["$stamp.$this->context", serialize($parts[$id])];
            }
        }
        Cache::put($this->key, count($kept) > self::MOST ? [] : $kept, 86400 * self::DAYS);
    }

    /** @return array<string, array{string, string}> stamp and serialized part, by hive id */
    private function all(): array
    {
        $kept = Cache::get($this->key);

        /** @var array<string, array{string, string}> */
        return is_array($kept) ? $kept : [];
    }
}
