<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Frames go from slot to slot, from hive to hive, into a harvest and back. A harvest takes whole supers (slot 0) and
 * single frames of them.
 */
return new class extends Migration {
    public function up(): void
    {
        RecordTable::create('frame_moves', function (Blueprint $table): void {
            $table->string('why', 12);
            $table->date('moved_on');
            // When it was noted: what is painted later than that stands over it.
            $table->dateTime('made_at', 6);
            foreach (['from', 'to'] as $end) {
                $table->foreignUlid("{$end}_hive_id")->nullable()->constrained('hives')->restrictOnDelete();
                $table->foreignUlid("{$end}_box_id")->nullable()->constrained('boxes')->restrictOnDelete();
                $table->unsignedTinyInteger("{$end}_slot")->nullable();
            }
            foreach (['a', 'b'] as $side) {
                foreach (['capped', 'open', 'brood', 'pollen'] as $share) {
                    $table->decimal("{$side}_$share", 5, 4)->default(0);
                }
            }
            $table->boolean('seen')->default(true);
            $table->foreignUlid('taken_super_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 60)->nullable();
            $table->index('from_box_id');
            $table->index('to_box_id');
        });
        Schema::table('frame_looks', fn (Blueprint $table) => $table->dateTime('painted_at', 6)->nullable());
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->unsignedTinyInteger('slot')->default(0)->after('box_id');
            $table->string('mark', 30)->nullable();
            $table->unsignedTinyInteger('carrier')->nullable();
            $table->unsignedTinyInteger('carrier_slot')->nullable();
            $table->string('bees', 12)->nullable();
        });
        Schema::table('operations', fn (Blueprint $table) => $table->unsignedTinyInteger('extractor')->default(4));
        // Ways of clearing become more; the application knows which there are.
        Schema::table('clearings', fn (Blueprint $table) => $table->string('method', 20)->change());
        // A super is taken once a harvest; a slot may give a frame twice, after another was put there.
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->unsignedTinyInteger('whole')->nullable()->storedAs('if(slot = 0, 1, null)');
            $table->unique(['operation_id', 'harvest_id', 'box_id', 'whole', 'alive'], 'taken_supers_whole_unique');
            $table->dropUnique(['operation_id', 'harvest_id', 'box_id', 'alive']);
        });
    }

    public function down(): void
    {
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->unique(['operation_id', 'harvest_id', 'box_id', 'alive']);
            $table->dropUnique('taken_supers_whole_unique');
            $table->dropColumn(['whole', 'slot', 'mark', 'carrier', 'carrier_slot', 'bees']);
        });
        Schema::table('operations', fn (Blueprint $table) => $table->dropColumn('extractor'));
        Schema::table('frame_looks', fn (Blueprint $table) => $table->dropColumn('painted_at'));
        Schema::dropIfExists('frame_moves');
    }
};
