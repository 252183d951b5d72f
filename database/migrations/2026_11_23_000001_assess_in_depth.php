<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('frame_looks', fn (Blueprint $table) => $table->boolean('glanced')->default(false));
        Schema::table('assessments', fn (Blueprint $table) => $table->json('eye')->nullable());
        RecordTable::create(
            'instruments',
            function (Blueprint $table): void {
                $table->string('name', 60);
                $table->enum('scale', ['water', 'nd', 'brix']);
                $table->boolean('compensated');
                $table->decimal('offset', 8, 5)->default(0);
                $table->decimal('offset_sd', 8, 5)->nullable();
                $table->date('checked_on')->nullable();
                $table->string('address', 200)->nullable();
            },
            unique: ['name'],
        );
        Schema::table(
            'moisture_readings',
            fn (Blueprint $table) => $table->foreignUlid('instrument_id')->nullable()->constrained()->nullOnDelete(),
        );
        RecordTable::create(
            'box_weighings',
            function (Blueprint $table): void {
                $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
                $table->string('kind', 40);
                $table->json('slots')->nullable();
                $table->decimal('before_kg', 7, 3);
                $table->decimal('after_kg', 7, 3);
                $table->decimal('estimate_kg', 7, 3);
                $table->decimal('own_sd_kg', 7, 3);
                $table->date('weighed_on');
            },
            checks: ['weighed' => 'after_kg <= before_kg'],
        );
        RecordTable::create(
            'practice_tries',
            function (Blueprint $table): void {
                $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
                $table->enum('task', ['face', 'scale']);
                $table->unsignedInteger('number');
                $table->decimal('truth', 7, 4);
                $table->decimal('guess', 7, 4);
            },
            unique: ['user_id', 'task', 'number'],
        );
        RecordTable::create(
            'eyes',
            function (Blueprint $table): void {
                $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
                $table->decimal('offset', 6, 4);
                $table->decimal('slope', 6, 4);
                $table->unsignedSmallInteger('tries');
            },
            unique: ['user_id'],
        );
        RecordTable::create(
            'harvest_plans',
            function (Blueprint $table): void {
                $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
                $table->string('name', 60);
                $table->date('starts_on');
                $table->date('ends_on');
                $table->boolean('heather')->default(false);
                $table->json('policy')->nullable();
            },
            checks: ['days' => 'ends_on >= starts_on'],
        );
    }

    public function down(): void
    {
        Schema::table('moisture_readings', fn (Blueprint $table) => $table->dropConstrainedForeignId('instrument_id'));
        foreach (['harvest_plans', 'eyes', 'practice_tries', 'box_weighings', 'instruments'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('assessments', fn (Blueprint $table) => $table->dropColumn('eye'));
        Schema::table('frame_looks', fn (Blueprint $table) => $table->dropColumn('glanced'));
    }
};
