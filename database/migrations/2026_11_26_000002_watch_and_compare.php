<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Scales that speak for themselves and what they said, blooms, what the keeper means to do with a queen, and yields
 * of the years before.
 */
return new class extends Migration {
    private const TABLES = [
        'past_yields',
        'yield_imports',
        'queen_marks',
        'blooms',
        'scale_readings',
        'scale_imports',
        'hive_scales',
    ];

    public function up(): void
    {
        // When a whole operation was read in: until something is changed it can be taken back.
        Schema::table('operations', fn (Blueprint $table) => $table->dateTime('imported_at', 3)->nullable());
        RecordTable::create('hive_scales', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('hive_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->string('token_hash', 64)->nullable()->unique();
            $table->dateTime('heard_at')->nullable();
            $table->integer('clock_skew_s')->nullable();
        });
        RecordTable::create('scale_imports', function (Blueprint $table): void {
            $table->foreignUlid('hive_scale_id')->constrained()->cascadeOnDelete();
            $table->string('file_name', 120);
            $table->unsignedInteger('readings');
            $table->dateTime('first_at');
            $table->dateTime('last_at');
        });
        // Not records: a season at fifteen minutes has 35,000. They go with their scale, or with their file.
        Schema::create('scale_readings', function (Blueprint $table): void {
            $table->foreignUlid('hive_scale_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            // The import's id; empty where the device sent it.
            $table->char('source', 26)->default('');
            $table->decimal('kg', 7, 3);
            $table->primary(['hive_scale_id', 'at', 'source']);
        });
        RecordTable::create('blooms', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->cascadeOnDelete();
            $table->string('plant', 40);
            $table->unsignedSmallInteger('season');
            $table->date('began_on')->nullable();
            $table->date('ended_on')->nullable();
            $table->string('note', 200)->default('');
        }, unique: ['apiary_id', 'plant', 'season']);
        RecordTable::create('queen_marks', function (Blueprint $table): void {
            $table->foreignUlid('queen_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 10);
            $table->string('reason', 200)->default('');
            $table->unsignedTinyInteger('daughters')->default(0);
        }, unique: ['queen_id']);
        RecordTable::create('yield_imports', function (Blueprint $table): void {
            $table->string('file_name', 120);
            $table->unsignedInteger('rows');
        });
        RecordTable::create('past_yields', function (Blueprint $table): void {
            $table->foreignUlid('yield_import_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('yard', 80);
            $table->string('hive', 20);
            $table->unsignedSmallInteger('season');
            $table->string('queen', 40)->nullable();
            $table->decimal('kg', 7, 2);
            $table->boolean('swarmed')->default(false);
            $table->boolean('split')->default(false);
        });
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('operations', fn (Blueprint $table) => $table->dropColumn('imported_at'));
    }
};
