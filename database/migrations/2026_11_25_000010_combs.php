<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What kind of comb a frame holds goes along with it; frames set wider keep the combs that were drawn closer. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('frame_moves', function (Blueprint $table): void {
            $table->string('comb', 20)->nullable();
            $table->unsignedSmallInteger('comb_year')->nullable();
        });
        Schema::table('boxes', fn (Blueprint $table) => $table->unsignedTinyInteger('combs_drawn_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('boxes', fn (Blueprint $table) => $table->dropColumn('combs_drawn_at'));
        Schema::table('frame_moves', fn (Blueprint $table) => $table->dropColumn(['comb', 'comb_year']));
    }
};
