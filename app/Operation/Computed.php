<?php

declare(strict_types=1);

namespace App\Operation;

use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * What is computed from an operation's records, kept until one of them changes, the hour turns or the demo's day is moved.
 * One entry a name: the newer one takes the older one's place, so that nothing piles up.
 */
final readonly class Computed
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @param  ?int  $revision  of the yard, for what depends on one yard alone; null for the operation's
     * @return T
     */
    public function remember(string $name, Closure $make, ?int $revision = null): mixed
    {
        $operation = $this->current->get();
        $key = "kept.$operation->id.$name";
        $stamp =
            ($revision === null ? $operation->revision : 'y'.$revision).'.'.$this->current->now()->format('YmdG');
        $kept = Cache::get($key);
        if (is_array($kept) && $kept[0] === $stamp) {
            /** @var T */
            return $kept[1];
        }
        $made = $make();
        Cache::put($key, [$stamp, $made], 86400 * 3);

        return $made;
    }
}
