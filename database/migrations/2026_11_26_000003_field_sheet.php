<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is noted in the yard beside looks and readings: a few words, that the queen was seen, a photograph. */
return new class extends Migration {
    public function up(): void
    {
        RecordTable::create('hive_notes', function (Blueprint $table): void {
            $table->foreignUlid('hive_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('box_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('what', 20);
            $table->string('text', 500)->default('');
            $table->dateTime('noted_at');
        });
        // Not a record: it goes with its note, and is too large for the trail.
        Schema::create('hive_photos', function (Blueprint $table): void {
            $table->foreignUlid('hive_note_id')->primary()->constrained()->cascadeOnDelete();
        });
        DB::statement('alter table hive_photos add column jpeg mediumblob not null');
    }

    public function down(): void
    {
        Schema::dropIfExists('hive_photos');
        Schema::dropIfExists('hive_notes');
    }
};
