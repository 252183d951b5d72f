<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a refractometer says of a bucket; null where nobody has read it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('buckets', fn (Blueprint $table) => $table->decimal('water_pct', 4, 2)->nullable());
    }

    public function down(): void
    {
        Schema::table('buckets', fn (Blueprint $table) => $table->dropColumn('water_pct'));
    }
};
