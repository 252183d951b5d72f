<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a box was put on: null where nobody said. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('box_places', function (Blueprint $table): void {
            $table->enum('put_on', ['empty', 'drawn', 'filled'])->nullable()->after('role');
        });
    }

    public function down(): void
    {
        Schema::table('box_places', function (Blueprint $table): void {
            $table->dropColumn('put_on');
        });
    }
};
