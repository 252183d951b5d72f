<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('apiaries', function (Blueprint $table): void {
            $table->decimal('climate_sd', 4, 2)->default(2.0);
            $table->string('climate_source', 120)->nullable();
        });
        RecordTable::create(
            'hive_weighings',
            function (Blueprint $table): void {
                $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
                $table->date('weighed_on');
                $table->enum('how', ['whole', 'both-sides', 'one-side']);
                $table->json('readings');
                $table->decimal('frames_of_bees', 4, 1);
                $table->decimal('tare_kg', 7, 3);
                $table->decimal('stores_kg', 7, 3);
                $table->decimal('stores_sd_kg', 7, 3);
                $table->decimal('reading_sd_kg', 7, 3);
                $table->index(['hive_id', 'weighed_on']);
            },
            checks: ['stores' => 'stores_kg >= 0'],
        );
        RecordTable::create(
            'feedings',
            function (Blueprint $table): void {
                $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
                $table->date('fed_on');
                $table->enum('what', ['syrup-2-1', 'syrup-1-1', 'fondant', 'dry-sugar', 'honey-combs']);
                $table->decimal('amount', 7, 3);
                $table->decimal('sugar_kg', 7, 3);
                $table->decimal('stores_kg', 7, 3);
                $table->index(['hive_id', 'fed_on']);
            },
            checks: ['amount' => 'amount > 0'],
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('feedings');
        Schema::dropIfExists('hive_weighings');
        Schema::table('apiaries', fn (Blueprint $table) => $table->dropColumn(['climate_sd', 'climate_source']));
    }
};
