<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Closure;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the table of every record has: its operation, a version, the bin; unique rules hold among those not in the bin.
 */
final class RecordTable
{
    /**
     * @param  Closure(Blueprint): void  $columns
     * @param  list<string>  $unique
     * @param  array<string, string>  $checks  name => condition
     */
    public static function create(string $name, Closure $columns, array $unique = [], array $checks = []): void
    {
        Schema::create($name, function (Blueprint $table) use ($columns, $unique): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('operation_id')->constrained()->cascadeOnDelete();
            $columns($table);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            if ($unique !== []) {
                $table->unsignedTinyInteger('alive')->nullable()->storedAs('if(deleted_at is null, 1, null)');
                $table->unique(['operation_id', ...$unique, 'alive']);
            }
        });
        foreach ($checks as $label => $condition) {
            DB::statement("alter table $name add constraint {$name}_{$label} check ($condition)");
        }
    }
}
