<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A key belongs to what was sent under it; a box has one look a day. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('idempotency_keys', function (Blueprint $table): void {
            $table->char('content', 64)->default('');
            $table->index('user_id', 'idempotency_keys_user');
            $table->dropUnique(['user_id', 'key']);
            $table->unique(['user_id', 'key', 'content']);
        });
        Schema::table('assessments', function (Blueprint $table): void {
            $table->date('looked_on')->nullable();
        });
        $this->dateLooks();
        $this->mergeLooks();
        Schema::table('assessments', function (Blueprint $table): void {
            $table->date('looked_on')->nullable(false)->change();
            $table->unsignedTinyInteger('alive')->nullable()->storedAs('if(deleted_at is null, 1, null)');
            $table->unique(['box_id', 'hive_id', 'looked_on', 'alive'], 'one_look_a_day');
        });
    }

    public function down(): void
    {
        Schema::table('assessments', function (Blueprint $table): void {
            $table->index('box_id', 'assessments_box');
            $table->dropUnique('one_look_a_day');
            $table->dropColumn(['looked_on', 'alive']);
        });
        Schema::table('idempotency_keys', function (Blueprint $table): void {
            $table->dropUnique(['user_id', 'key', 'content']);
            $table->dropColumn('content');
            $table->unique(['user_id', 'key']);
            $table->dropIndex('idempotency_keys_user');
        });
    }

    /** The day where the operation is, not the server's. */
    private function dateLooks(): void
    {
        $zones = DB::table('operations')->pluck('time_zone', 'id');
        foreach (DB::table('assessments')->orderBy('id')->lazy(500) as $look) {
            $at = new DateTimeImmutable($look->looked_at, new DateTimeZone('UTC'));
            $zone = new DateTimeZone($zones[$look->operation_id] ?? 'UTC');
            DB::table('assessments')
                ->where('id', $look->id)
                ->update(['looked_on' => $at->setTimezone($zone)->format('Y-m-d')]);
        }
    }

    /** Of two looks on one day the older takes what the newer has and it has not; the newer goes. */
    private function mergeLooks(): void
    {
        $twice = DB::table('assessments')
            ->whereNull('deleted_at')
            ->groupBy('box_id', 'hive_id', 'looked_on')
            ->havingRaw('count(*) > 1')
            ->get(['box_id', 'hive_id', 'looked_on']);
        foreach ($twice as $one) {
            $ids = DB::table('assessments')
                ->where((array) $one)
                ->whereNull('deleted_at')
                ->orderBy('looked_at')
                ->orderBy('id')
                ->pluck('id')
                ->all();
            $first = array_shift($ids);
            foreach ($ids as $id) {
                $slots = DB::table('frame_looks')
                    ->where('assessment_id', $first)
                    ->whereNull('deleted_at')
                    ->pluck('slot');
                DB::table('frame_looks')
                    ->where('assessment_id', $id)
                    ->whereNotIn('slot', $slots)
                    ->update(['assessment_id' => $first]);
                DB::table('moisture_readings')->where('assessment_id', $id)->update(['assessment_id' => $first]);
                DB::table('assessments')->where('id', $id)->update(['deleted_at' => DB::raw('now()')]);
            }
        }
    }
};
