<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Support\Facades\DB;

/**
 * How often what bears on a scope was written. Each scope has a row of its own, so that writes at different hives do
 * not wait for each other; what is computed carries the numbers it was computed at.
 */
final class Revisions
{
    /** @var array<string, true> scopes written in this request */
    private array $touched = [];

    private int $generation = 0;

    /** @var array<string, int>|null by scope, as they were when first asked for */
    private ?array $known = null;

    public function __construct(private readonly Tenant $tenant)
    {
    }

    /** Rises with every change that this request makes: what it has read before may be old. */
    public function generation(): int
    {
        return $this->generation;
    }

    public function touch(Bearing $bearing): void
    {
        $this->generation++;
        foreach ($bearing->scopes as $scope) {
            $this->touched[$scope] = true;
        }
    }

    /** What was touched has been taken back. */
    public function forget(): void
    {
        $this->generation++;
        $this->touched = [];
        $this->known = null;
    }

    /** Raises every scope touched, once, in one order for all writers. */
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
                $scopes === [] ? [Bearing::ELSEWHERE] : $scopes,
            );
            DB::table('revisions')->upsert($rows, ['operation_id', 'scope'], ['number' => DB::raw('number + 1')]);
        }
    }

    /**
     * Numbers of these scopes together, as text; they differ whenever one of them was written in between.
     *
     * @return ?string null while this request itself has changed one of them and is not done
     */
    public function of(string ...$scopes): ?string
    {
        $scopes[] = Bearing::EVERYWHERE;
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
