<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Why a search for a schedule failed, in words. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('schedule_searches', function (Blueprint $table): void {
            $table->string('reason', 500)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('schedule_searches', function (Blueprint $table): void {
            $table->dropColumn('reason');
        });
    }
};
