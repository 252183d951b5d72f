<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Writes\Revisions;
use App\Models\Scope;
use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * What is computed from records, kept until one of those it came from is written, the hour turns, the demo's day is
 * moved, or the code changes. One entry a name and place: the newer one takes the older one's place.
 */
final class Computed
{
    private const DAYS = 7;

    /** @var array<string, array{string, mixed}> entries that this request has read, with their stamps */
    private array $read = [];

    private string $readIn = '';

    public function __construct(private readonly CurrentOperation $current, private readonly Revisions $revisions)
    {
    }

    /**
     * Of all that the operation has.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function ofOperation(string $name, Closure $make): mixed
    {
        return $this->keep($name, $this->revisions->ofAll(), $make);
    }

    /**
     * Of what the scales and signs of these yards say.
     *
     * @template T
     *
     * @param  list<string>  $yardIds
     * @param  Closure(): T  $make
     * @return T
     */
    public function ofFlow(string $name, array $yardIds, Closure $make): mixed
    {
        $scopes = array_map(Scope::flow(...), $yardIds);

        return $this->keep($name, $this->revisions->of(...$scopes), $make, $yardIds);
    }

    /**
     * Of what bears on everything alone, such as the policy and the kit.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function ofSetup(string $name, Closure $make): mixed
    {
        return $this->keep($name, $this->revisions->of(), $make);
    }

    /**
     * Of all scale weights.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function ofWeights(string $name, Closure $make): mixed
    {
        return $this->keep($name, $this->revisions->of(Scope::WEIGHTS), $make);
    }

    /**
     * Of one yard; what it depends on beside the yard's own records is told apart by the context.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function ofYard(string $yardId, string $name, Closure $make, mixed $context = null): mixed
    {
        $revision = $this->revisions->of(Scope::yard($yardId));

        return $this->keep("$name.$yardId", $revision, $make, $context);
    }

    /**
     * Of hives of a yard, one by one: those of a hive that was written are made again, the rest stay.
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
        $parts = new HiveParts($this->key("$name.$yardId"), $this->day().'.'.md5(serialize($context)));
        $stamps = [];
        foreach ($hiveIds as $id) {
            $stamps[$id] = $this->revisions->of(Scope::hive($id));
        }
        $found = $parts->read($stamps);
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
     * The answer to a question that depends on nothing else.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public function answer(string $name, mixed $question, Closure $make): mixed
    {
        $key = 'answer.'.self::code().".$name.".md5(serialize($question));

        return $this->entry($key, '', $make, 30);
    }

    /**
     * Not kept beyond this request, but asked for many times in it.
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
     * @param  ?string  $revision  null where this request has changed what it comes from: then nothing is kept
     * @param  Closure(): T  $make
     * @return T
     */
    private function keep(string $name, ?string $revision, Closure $make, mixed $context = null): mixed
    {
        if ($revision === null) {
            return $make();
        }
        $key = $this->key($name);
        $hash = $context === null ? '' : '.'.md5(serialize($context));
        $stamp = $revision.'.'.$this->current->now()->format('YmdG').$hash;

        return $this->entry($key, $stamp, $make, self::DAYS);
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
        /** @var array{string, T}|null $kept */
        $kept = $this->read[$key] ?? Cache::get($key);
        if ($kept === null || $kept[0] !== $stamp) {
            $kept = [$stamp, $make()];
            Cache::put($key, $kept, 86400 * $days);
        }
        $this->read[$key] = $kept;

        return $kept[1];
    }

    /** One request, and what it does before it writes, reads an entry once. */
    private function forgetOld(): void
    {
        $in = $this->current->timesEntered().'.'.$this->revisions->generation();
        if ($in !== $this->readIn) {
            $this->read = [];
            $this->readIn = $in;
        }
    }

    private function key(string $name): string
    {
        return 'computed.'.self::code().'.'.$this->current->get()->id.".$name";
    }

    private function day(): string
    {
        return $this->current->today()->format('Ymd');
    }

    /** What was computed by other code is computed again. */
    private static function code(): string
    {
        $version = config('app.code');

        return is_string($version) ? $version : '0';
    }
}
