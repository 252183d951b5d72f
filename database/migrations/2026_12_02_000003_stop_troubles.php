<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What went wrong at a stop: the plan of the next days hears it. */
return new class extends Migration {
    public function up(): void
    {
        RecordTable::create('stop_troubles', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('clearing_id')->constrained()->restrictOnDelete();
            $table->date('on');
            $table->enum('what', ['rain', 'robbing', 'heavy', 'time']);
        }, unique: ['clearing_id', 'on', 'what']);
    }

    public function down(): void
    {
        Schema::dropIfExists('stop_troubles');
    }
};
