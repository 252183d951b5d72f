<?php

declare(strict_types=1);

namespace App\Foundation\Cache;

use App\Foundation\Access\Tenant;
use Illuminate\Support\Facades\DB;

/**
 * Version numbers of the cache's scopes, raised by each write: a scope is a word and an id, such as "hive.01J..." or
 * "flow.01J...". Each has a row of its own, so that writes at different hives do not wait for each other; a cached result
 * carries the numbers that it was calculated at.
 */
final class ScopeVersions
{
    /** Scope of records that every result depends on, such as a policy. */
    public const EVERYWHERE = '*';

    /** Scope of records that only results of the whole operation depend on. */
    public const ELSEWHERE = '-';

    /** Stands for all scopes together. */
    public const ALL = '**';

    /** @var array<string, true> scopes written in this request */
    private array $touched = [];

    private int $generation = 0;

    /** @var array<string, int>|null by scope, as they were when first asked for */
    private ?array $known = null;

    public function __construct(private readonly Tenant $tenant)
    {
    }

    /** Number of changes in this request so far; what was read at a lower number may be old. */
    public function generation(): int
    {
        return $this->generation;
    }

    public function touch(string ...$scopes): void
    {
        $this->generation++;
        $this->touched += array_fill_keys($scopes, true);
    }

    /** Forgets what was touched: the write is undone. */
    public function forget(): void
    {
        $this->generation++;
        $this->touched = [];
        $this->known = null;
    }

    /** Raises each touched scope once, in the same order for all writers, so that they never deadlock. */
    public function raise(): void
    {
        $operation = $this->tenant->id();
        $scopes = array_keys($this->touched);
        sort($scopes);
        $this->touched = [];
        $this->known = null;
        if ($operation !== null) {
            $rows = array_map(
                static fn (string $scope): array => ['operation_id' => $operation, 'scope' => $scope, 'number' => 1],
                $scopes === [] ? [self::ELSEWHERE] : $scopes,
            );
            DB::table('revisions')->upsert($rows, ['operation_id', 'scope'], ['number' => DB::raw('number + 1')]);
        }
    }

    /**
     * Returns the versions of these scopes as one text, which differs after any write to one of them.
     *
     * @return ?string null while this request itself has changed one of them and is not done
     */
    public function of(string ...$scopes): ?string
    {
        if ($scopes === [self::ALL]) {
            return $this->ofAll();
        }
        $scopes[] = self::EVERYWHERE;
        if (array_intersect_key($this->touched, array_flip($scopes)) !== []) {
            return null;
        }
        $known = $this->known();

        return implode('.', array_map(static fn (string $scope): int => $known[$scope] ?? 0, $scopes));
    }

    /** @return ?string the same of all scopes there are */
    public function ofAll(): ?string
    {
        return $this->touched === [] ? (string) array_sum($this->known()) : null;
    }

    /** @return array<string, int> */
    private function known(): array
    {
        return $this->known ??= DB::table('revisions')
            ->where('operation_id', $this->tenant->mustBe())
            ->pluck('number', 'scope')
            ->map(static fn (mixed $number): int => is_numeric($number) ? (int) $number : 0)
            ->all();
    }
}
