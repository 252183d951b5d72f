<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Null is a rest that nobody stated: open honey or empty cells. What was saved before stays as it was stated. */
return new class extends Migration {
    public function up(): void
    {
        foreach (['frame_looks', 'frame_moves'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->decimal('a_open', 5, 4)->nullable()->default(0)->change();
                $table->decimal('b_open', 5, 4)->nullable()->default(0)->change();
            });
        }
    }

    public function down(): void
    {
        foreach (['frame_looks', 'frame_moves'] as $name) {
            foreach (['a_open', 'b_open'] as $column) {
                DB::table($name)->whereNull($column)->update([$column => 0]);
            }
            Schema::table($name, static function (Blueprint $table): void {
                $table->decimal('a_open', 5, 4)->nullable(false)->default(0)->change();
                $table->decimal('b_open', 5, 4)->nullable(false)->default(0)->change();
            });
        }
    }
};
