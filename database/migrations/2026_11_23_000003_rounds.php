<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        RecordTable::create('rounds', function (Blueprint $table): void {
            $table->string('name', 80);
            $table->date('starts_on');
            $table->json('settings');
            $table->json('task');
            $table->json('services');
            $table->json('locks');
        });
        // What the search is doing is no record of a person's: it is written over and over.
        Schema::create('round_searches', function (Blueprint $table): void {
            $table->foreignUlid('round_id')->primary()->constrained()->cascadeOnDelete();
            $table->enum('state', ['waiting', 'planning', 'stopping', 'done', 'failed'])->default('waiting');
            $table->unsignedBigInteger('iterations')->default(0);
            $table->decimal('best_min', 10, 2)->nullable();
            $table->json('services')->nullable();
            $table->timestamps();
        });
        RecordTable::create('calendar_links', function (Blueprint $table): void {
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->char('token_hash', 64)->unique();
        });
        RecordTable::create('follow_ups', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('harvest_id')->nullable()->constrained()->nullOnDelete();
            $table->enum('what', ['space', 'wet-supers', 'excluder-out']);
            $table->date('due_on');
            $table->dateTime('done_at')->nullable();
        });
        RecordTable::create(
            'loading_ticks',
            function (Blueprint $table): void {
                $table->date('day');
                $table->string('thing', 30);
            },
            unique: ['day', 'thing'],
        );
        Schema::table('operations', function (Blueprint $table): void {
            $table->decimal('longitude', 8, 5)->nullable();
        });
        Schema::table('clear_plans', function (Blueprint $table): void {
            $table->foreignUlid('round_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('clear_plans', fn (Blueprint $table) => $table->dropConstrainedForeignId('round_id'));
        Schema::table('operations', fn (Blueprint $table) => $table->dropColumn('longitude'));
        Schema::dropIfExists('follow_ups');
        Schema::dropIfExists('loading_ticks');
        Schema::dropIfExists('calendar_links');
        Schema::dropIfExists('round_searches');
        Schema::dropIfExists('rounds');
    }
};
