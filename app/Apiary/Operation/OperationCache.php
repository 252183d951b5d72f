<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Cache\ScopeVersions;
use App\Models\Scopes;
use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * Caches what is calculated from an operation's records, until a record of the scopes it depends on is written, the hour
 * turns, the demo's day is moved, or the code changes. One entry a name: a newer one replaces an older one.
 */
final class OperationCache
{
    private const DAYS = 7;

    private const DAYS_OF_ANSWERS = 30;

    /** @var array<string, array{string, mixed}> entries that this request has read, with their stamps */
    private array $read = [];

    private string $readIn = '';

    public function __construct(private readonly CurrentOperation $current, private readonly ScopeVersions $versions)
    {
    }

    /**
     * Returns the cached result of that name, or makes it.
     *
     * @template T
     *
     * @param  list<string>|null  $scopes  that it depends on beside the operation's own settings; null where it depends
     *     on the context and nothing else
     * @param  Closure(): T  $make
     * @param  mixed  $context  what it depends on beside those scopes
     * @return T
     */
    public function of(string $name, ?array $scopes, Closure $make, mixed $context = null): mixed
    {
        if ($scopes === null) {
            $key = 'answer.'.self::code().".$name.".self::hash($context);

            return $this->entry($key, '', $make, self::DAYS_OF_ANSWERS);
        }
        $version = $this->versions->of(...$scopes);
        if ($version === null) {
            // This request has changed what it comes from, and is not done.
            return $make();
        }
        $hash = $context === null ? '' : '.'.self::hash($context);

        // What comes from records alone, or names the choices it rests on, is the same under a supposed policy.
        $supposed = in_array($scopes, [[], [ScopeVersions::ALL]], true) ? $this->current->supposed() : '';

        return $this->entry(
            $this->key($name).$supposed,
            $version.'.'.$this->current->now()->format('YmdG').$hash,
            $make,
            self::DAYS,
        );
    }

    /**
     * Returns results for hives of a yard, one by one: only that of a hive that was written is made again.
     *
     * @template T
     *
     * @param  list<string>  $hiveIds
     * @param  mixed  $context  what it depends on beside the hives' own records
     * @param  Closure(list<string>): array<string, T>  $make  for the hives whose part is stale, by hive id
     * @return array<string, T> by hive id
     */
    public function ofHives(string $yardId, string $name, array $hiveIds, mixed $context, Closure $make): array
    {
        $day = $this->current->today()->format('Ymd');
        $supposed = $this->current->supposed();
        $key = $this->key("$name.$yardId");
        $parts = new HiveParts($key.$supposed, $day.'.'.self::hash($context));
        $stamps = [];
        foreach ($hiveIds as $id) {
            $stamps[$id] = $this->versions->of(Scopes::hive($id));
        }
        $found = $parts->read($stamps);
        if ($supposed !== '') {
            // What does not depend on the supposed choice is known.
            $found += (new HiveParts($key, $day.'.'.self::hash($context)))->read(array_diff_key($stamps, $found));
        }
        $stale = array_values(array_diff($hiveIds, array_keys($found)));
        if ($stale !== []) {
            $made = $make($stale);
            $parts->write(array_intersect_key($stamps, $made), $made);
            $found += $made;
        }

        /** @var array<string, T> */
        return $found;
    }

    /**
     * Returns what is made once in this request, however often it is asked for.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function once(string $name, Closure $make): mixed
    {
        $this->forgetOld();
        /** @var array{string, T} $known */
        $known = $this->read[$name] ??= ['', $make()];

        return $known[1];
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    private function entry(string $key, string $stamp, Closure $make, int $days): mixed
    {
        $this->forgetOld();
        /** @var array{string, T}|null $cached */
        $cached = $this->read[$key] ?? Cache::get($key);
        if ($cached === null || $cached[0] !== $stamp) {
            $cached = [$stamp, $make()];
            Cache::put($key, $cached, 86400 * $days);
        }
        $this->read[$key] = $cached;

        return $cached[1];
    }

    /** One request, and what it does before it writes, reads an entry once. */
    private function forgetOld(): void
    {
        $in = $this->current->timesEntered().'.'.$this->versions->generation();
        if ($in !== $this->readIn) {
            $this->read = [];
            $this->readIn = $in;
        }
    }

    private function key(string $name): string
    {
        return 'computed.'.self::code().'.'.$this->current->get()->id.".$name";
    }

    private static function hash(mixed $context): string
    {
        return md5(serialize($context));
    }

    /** What other code has calculated is calculated again. */
    private static function code(): string
    {
        $version = config('app.code');

        return is_string($version) ? $version : '0';
    }
}
