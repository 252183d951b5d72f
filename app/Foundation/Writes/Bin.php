<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Closure;
use DateTimeInterface;
use Illuminate\Database\QueryException;
use Illuminate\Support\Collection;

/** What was removed lies here for 30 days and can be brought back. */
final class Bin
{
    public const DAYS = 30;

    /**
     * @param  Closure(array<int, array<string, mixed>>): array<array-key, string>  $hivesOf  the codes of the hives
     *     that records belong to, by the columns of each record
     * @return Collection<int, BinnedRecord> newest first
     */
    public function contents(Closure $hivesOf): Collection
    {
        $found = [];
        foreach (RecordKinds::classes() as $kind => $class) {
            $binned = $class::binned()->where('deleted_at', '>=', now()->subDays(self::DAYS));
            foreach ($binned->latest('deleted_at')->limit(100)->get() as $record) {
                $found[] = [$kind, $record];
            }
        }
        $hives = $hivesOf(array_map(static fn (array $one): array => $one[1]->getAttributes(), $found));
        $binned = [];
        foreach ($found as $i => [$kind, $record]) {
            $binned[] = new BinnedRecord($kind, $record, $hives[$i] ?? null);
        }

        return (new Collection($binned))->sortByDesc(fn (BinnedRecord $one): string => $one->binnedAt())->values();
    }

    public static function emptyOlderThan(DateTimeInterface $date): int
    {
        $gone = 0;
        foreach (RecordKinds::classes() as $class) {
            $old = $class::binned()->withoutGlobalScope('operation')->where('deleted_at', '<', $date);
            foreach ($old->get() as $record) {
                $gone += self::forget($record) ? 1 : 0;
            }
        }

        return $gone;
    }

    /** Returns false where another record still refers to it: it stays until that record is gone too. */
    private static function forget(Record $record): bool
    {
        try {
            return $record->forceDelete() === true;
        } catch (QueryException) {
            return false;
        }
    }
}
