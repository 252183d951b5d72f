<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use App\Foundation\Access\Tenant;
use App\Foundation\Cache\ScopeVersions;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * Everything that belongs to an operation: seen only within it, kept in the bin when removed, written to the
 * audit trail (from which undo works), and versioned against two people editing at once.
 *
 * @property string $id
 * @property string $operation_id
 * @property int $version
 * @property \Illuminate\Support\Carbon|null $created_at
 */
abstract class Record extends Model
{
    use HasUlids;
    use LogsActivity;
    use SoftDeletes;

    /** Columns that follow from others, or mean nothing to a person. */
    private const NOT_LOGGED = [
        'updated_at',
        'created_at',
        'version',
        'deleted_at',
        'operation_id',
        'open_box',
        'alive',
        'home',
        'whole',
    ];

    protected $guarded = ['id', 'operation_id', 'version'];

    protected $attributes = ['version' => 1];

    protected static function booted(): void
    {
        static::addGlobalScope('operation', function (Builder $query): void {
            $query->where($query->getModel()->qualifyColumn('operation_id'), app(Tenant::class)->id());
        });
        static::creating(function (Record $record): void {
            $record->setAttribute(
                'operation_id',
                $record->getAttributes()['operation_id'] ?? app(Tenant::class)->mustBe(),
            );
        });
        $touch = static fn (Record $record) => app(ScopeVersions::class)->touch(...RecordKinds::scopesOf($record));
        static::saved($touch);
        static::deleted($touch);
        static::updating(function (Record $record): void {
            if (! $record->isDirty('version')) {
                $record->setAttribute('version', $record->version + 1);
            }
        });
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logAll()
            ->logExcept(self::NOT_LOGGED)
            ->useAttributeRawValues($this->storedValues())
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return list<string> columns that hold a value as JSON: they go to the trail as they are stored */
    private function storedValues(): array
    {
        $isValue = fn (string $key): bool => $this->isClassCastable($key) && ! $this->isEnumCastable($key);

        return array_values(array_filter(array_keys($this->getCasts()), $isValue));
    }

    /**
     * The version that a form was opened with must still be the one stored. Read as it is stored now and held until
     * this write is done: of two at once the second waits, and sees the first's.
     *
     * @throws Conflict when someone else saved in between
     */
    public function claim(int|string|null $version): static
    {
        $stored = static::query()->whereKey($this->id)->lockForUpdate()->first();
        if ($stored === null) {
            throw Conflict::removedMeanwhile($this->label());
        }
        $this->setRawAttributes($stored->getAttributes(), true);
        if ($version !== null && $version !== '' && (int) $version !== $this->version) {
            throw Conflict::changedMeanwhile($this->label(), $this->theirs() + LastChange::of($this));
        }

        return $this;
    }

    /** @return array<string, mixed> what is shown of it beside another person's values */
    protected function theirs(): array
    {
        return $this->attributesToArray();
    }

    /**
     * With those in the bin.
     *
     * @return Builder<static>
     */
    public static function withBinned(): Builder
    {
        return static::query()->withoutGlobalScope(SoftDeletingScope::class);
    }

    /**
     * Only those in the bin.
     *
     * @return Builder<static>
     */
    public static function binned(): Builder
    {
        return static::withBinned()->whereNotNull('deleted_at');
    }

    /** What a person calls this record. */
    public function label(): string
    {
        return __(class_basename($this));
    }
}
