<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Why a super of a clearing stayed on its hive: null where it came in, or nobody has been there yet. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('clearing_supers', function (Blueprint $table): void {
            $table->string('left_why', 300)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('clearing_supers', function (Blueprint $table): void {
            $table->dropColumn('left_why');
        });
    }
};
