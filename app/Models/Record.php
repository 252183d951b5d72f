<?php

declare(strict_types=1);

namespace App\Models;

use App\Support\Conflict;
use App\Support\CurrentOperation;
use App\Support\Touched;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * Everything that belongs to an operation: seen only within it, kept in the bin when removed, written to the
 * audit trail (from which undo works), and versioned against two people editing at once.
 *
 * @property string $id
 * @property string $operation_id
 * @property int $version
 */
abstract class Record extends Model
{
    use HasUlids;
    use LogsActivity;
    use SoftDeletes;

    protected $guarded = ['id', 'operation_id', 'version'];

    protected $attributes = ['version' => 1];

    protected static function booted(): void
    {
        static::addGlobalScope('operation', function (Builder $query): void {
            $query->where($query->getModel()->qualifyColumn('operation_id'), app(CurrentOperation::class)->id());
        });
        static::creating(function (Record $record): void {
            $record->setAttribute('operation_id', $record->getAttributes()['operation_id'] ?? app(CurrentOperation::class)->get()->id);
        });
        static::saved(fn (Record $record) => app(Touched::class)->add($record->bearsOn()));
        static::deleted(fn (Record $record) => app(Touched::class)->add($record->bearsOn()));
        static::updating(function (Record $record): void {
            if (! $record->isDirty('version')) {
                $record->setAttribute('version', $record->version + 1);
            }
        });
    }

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logAll()->logExcept(['updated_at', 'created_at', 'version', 'deleted_at', 'operation_id', 'open_box', 'alive', 'home', 'revision'])
            ->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /**
     * The yard that this record bears on: its id, true for all yards, false for none.
     */
    public function bearsOn(): string|bool
    {
        return true;
    }

    /** The yard of a hive, in the bin or not. */
    protected static function yardOfHive(?string $hiveId): string|bool
    {
        $yard = $hiveId === null ? null : DB::table('hives')->join('stands', 'stands.id', '=', 'hives.stand_id')->where('hives.id', $hiveId)->value('stands.apiary_id');

        return is_string($yard) ? $yard : $hiveId !== null;
    }

    /**
     * The version that a form was opened with must still be the one stored.
     *
     * @throws Conflict when someone else saved in between
     */
    public function claim(int|string|null $version): static
    {
        if ($version !== null && $version !== '' && (int) $version !== $this->version) {
            throw Conflict::changedMeanwhile($this->label(), $this->attributesToArray());
        }

        return $this;
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
