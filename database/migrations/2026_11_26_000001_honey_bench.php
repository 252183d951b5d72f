<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The bench of the honey room: where each super stands on its way, the air of the warm room, what was in the extractor,
 * where each bucket was poured, what settles together and which jars it filled.
 */
return new class extends Migration {
    private const TABLES = [
        'jar_moves',
        'jar_fills',
        'jar_kinds',
        'pours',
        'batches',
        'cappings',
        'bucket_kinds',
        'room_checks',
        'load_frames',
        'extractor_loads',
        'room_airs',
        'room_readings',
    ];

    public function up(): void
    {
        Schema::table('operations', function (Blueprint $table): void {
            $table->decimal('extractor_radius_cm', 5, 1)->default(30);
            $table->boolean('extractor_radial')->default(false);
            $table->unsignedSmallInteger('extractor_rpm')->default(300);
            $table->unsignedSmallInteger('extractor_force_n')->default(150);
            $table->string('room_sensor', 200)->nullable();
            $table->string('bench_scale', 200)->nullable();
        });
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->string('station', 10)->default('awaited');
            $table->string('used_for', 12)->default('extract');
            $table->decimal('used_kg', 7, 3)->nullable();
            $table->boolean('bees_left')->default(false);
            $table->boolean('fresh')->default(false);
            $table->dateTime('arrived_at')->nullable();
            $table->dateTime('spun_at')->nullable();
            $table->index(['operation_id', 'station']);
        });
        // What came in before the bench was there is spun and put away.
        DB::table('taken_supers')->update(['station' => 'stored']);
        Schema::table('buckets', fn (Blueprint $table) => $table->index(['operation_id', 'weighed_at']));
        Schema::table('lots', function (Blueprint $table): void {
            $table->unsignedSmallInteger('pfund_mm')->nullable();
            $table->string('taste', 200)->default('');
            $table->string('plants', 200)->default('');
        });
        // What is to be done after a harvest becomes more; the application knows which there are.
        Schema::table('follow_ups', fn (Blueprint $table) => $table->string('what', 20)->change());
        $this->room();
        $this->shelf();
    }

    private function room(): void
    {
        RecordTable::create('room_readings', function (Blueprint $table): void {
            $table->foreignUlid('taken_super_id')->constrained()->cascadeOnDelete();
            $table->decimal('water_pct', 4, 2);
            $table->dateTime('read_at');
        });
        RecordTable::create('room_airs', function (Blueprint $table): void {
            $table->decimal('celsius', 4, 1);
            $table->decimal('humidity_pct', 4, 1);
            $table->string('source', 10);
            $table->dateTime('read_at');
            $table->index('read_at');
        });
        RecordTable::create('extractor_loads', function (Blueprint $table): void {
            $table->unsignedSmallInteger('number');
            $table->unsignedTinyInteger('slots');
            $table->decimal('celsius', 4, 1);
            $table->decimal('water_pct', 4, 2);
            $table->dateTime('loaded_at');
            $table->unsignedTinyInteger('step')->nullable();
            $table->dateTime('step_at')->nullable();
            $table->dateTime('spun_at')->nullable();
        });
        RecordTable::create('load_frames', function (Blueprint $table): void {
            $table->foreignUlid('extractor_load_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('taken_super_id')->nullable()->constrained()->restrictOnDelete();
            $table->unsignedTinyInteger('frame');
            $table->unsignedTinyInteger('slot');
            $table->decimal('grams', 7, 1);
            $table->decimal('honey_kg', 6, 3)->default(0);
            // Of the side that faces out first.
            $table->decimal('first_kg', 6, 3)->default(0);
            $table->boolean('fresh')->default(false);
        }, unique: ['extractor_load_id', 'slot']);
        // A frame of a super is spun once; two who load it at once get one load.
        Schema::table('load_frames', fn (Blueprint $table) => $table->unique(
            ['operation_id', 'taken_super_id', 'frame', 'alive'],
            'load_frames_once',
        ));
        RecordTable::create('room_checks', function (Blueprint $table): void {
            $table->date('checked_on');
            $table->string('who', 80)->default('');
        }, unique: ['checked_on']);
        RecordTable::create('bucket_kinds', function (Blueprint $table): void {
            $table->string('name', 60);
            $table->decimal('tare_kg', 6, 3);
            $table->decimal('holds_kg', 7, 3);
        }, unique: ['name']);
        RecordTable::create('cappings', function (Blueprint $table): void {
            $table->foreignUlid('lot_id')->constrained()->restrictOnDelete();
            $table->decimal('wax_kg', 6, 3)->nullable();
            $table->decimal('honey_kg', 7, 3)->nullable();
            $table->date('weighed_on');
        }, unique: ['lot_id']);
    }

    private function shelf(): void
    {
        RecordTable::create('batches', function (Blueprint $table): void {
            $table->string('code', 30);
            $table->string('tank', 60)->default('');
            $table->decimal('depth_cm', 5, 1);
            $table->decimal('celsius', 4, 1);
            $table->dateTime('poured_at');
            $table->date('closed_on')->nullable();
        }, unique: ['code']);
        RecordTable::create('pours', function (Blueprint $table): void {
            $table->foreignUlid('bucket_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('batch_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('why', 10);
            $table->decimal('kg', 7, 3);
            $table->date('poured_on');
        }, checks: ['kg' => 'kg > 0']);
        RecordTable::create('jar_kinds', function (Blueprint $table): void {
            $table->string('name', 60);
            $table->unsignedInteger('net_g');
            $table->unsignedInteger('stock')->default(0);
            $table->unsignedInteger('ordered')->default(0);
            $table->decimal('price', 9, 2)->nullable();
        }, unique: ['name']);
        RecordTable::create('jar_fills', function (Blueprint $table): void {
            $table->foreignUlid('batch_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('jar_kind_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('count');
            $table->date('filled_on');
            $table->date('best_before');
            $table->json('weights')->nullable();
        });
        RecordTable::create('jar_moves', function (Blueprint $table): void {
            $table->foreignUlid('jar_fill_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('count');
            $table->string('whom', 120)->default('');
            $table->date('moved_on');
        });
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('buckets', fn (Blueprint $table) => $table->dropIndex(['operation_id', 'weighed_at']));
        Schema::table('lots', fn (Blueprint $table) => $table->dropColumn(['pfund_mm', 'taste', 'plants']));
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->dropIndex(['operation_id', 'station']);
            $table->dropColumn(['station', 'used_for', 'used_kg', 'bees_left', 'fresh', 'arrived_at', 'spun_at']);
        });
        Schema::table('operations', fn (Blueprint $table) => $table->dropColumn([
            'extractor_radius_cm',
            'extractor_radial',
            'extractor_rpm',
            'extractor_force_n',
            'room_sensor',
            'bench_scale',
        ]));
    }
};
