<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A reading may say of which cells it is: open ones decide after a failed shake test. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('moisture_readings', static function (Blueprint $table): void {
            $table->string('cells', 6)->nullable()->after('offset');
        });
    }

    public function down(): void
    {
        Schema::table('moisture_readings', static function (Blueprint $table): void {
            $table->dropColumn('cells');
        });
    }
};
