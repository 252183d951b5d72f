<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Files of whole operations that are read in by the queue's worker, and what became of them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('operation_imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            // Null until a new operation is made for it.
            $table->foreignUlid('operation_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('file_name', 120);
            $table->enum('state', ['waiting', 'reading', 'done', 'refused'])->default('waiting');
            $table->string('reason', 500)->nullable();
            $table->unsignedInteger('records')->default(0);
            $table->unsignedInteger('photographs')->default(0);
            $table->unsignedInteger('photographs_missing')->default(0);
            $table->timestamps();
            $table->index('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('operation_imports');
    }
};
