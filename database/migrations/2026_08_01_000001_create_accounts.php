<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('operations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->string('time_zone', 60)->default('UTC');
            $table->decimal('latitude', 8, 5)->default(55);
            $table->json('policy');
            $table->unsignedInteger('policy_version')->default(1);
            $table->json('kit')->nullable();
            $table->unsignedSmallInteger('crew')->default(1);
            $table->boolean('dry_room')->default(false);
            $table->unsignedBigInteger('revision')->default(1);
            $table->date('demo_today')->nullable();
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->json('preferences')->nullable();
            $table->foreignUlid('current_operation_id')->nullable()->constrained('operations')->nullOnDelete();
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('operation_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->enum('role', ['owner', 'keeper', 'helper', 'viewer']);
            $table->timestamps();
            $table->unique(['operation_id', 'user_id']);
        });
        Schema::create('idempotency_keys', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->ulid('key');
            $table->string('method', 8);
            $table->string('path', 250);
            $table->unsignedSmallInteger('status')->nullable();
            $table->string('location', 500)->nullable();
            $table->mediumText('body')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'key']);
            $table->index('created_at');
        });
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('operation_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('log_name')->nullable();
            $table->text('description');
            $table->nullableUlidMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableUlidMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
            $table->index(['operation_id', 'causer_id', 'id']);
            $table->index('batch_uuid');
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (
            ['failed_jobs', 'jobs', 'activity_log', 'idempotency_keys', 'memberships', 'users', 'operations'] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
