<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When the keeper began and closed a season, and that a queen was found to be the one that was noted. */
return new class extends Migration {
    private const KINDS = ['settled', 'moved', 'split', 'swarmed', 'requeened', 'united', 'died'];

    public function up(): void
    {
        RecordTable::create('seasons', function (Blueprint $table): void {
            $table->unsignedSmallInteger('season');
            $table->dateTime('begun_at')->nullable();
            $table->dateTime('closed_at')->nullable();
        }, unique: ['season']);
        self::kinds([...self::KINDS, 'confirmed']);
    }

    public function down(): void
    {
        Schema::dropIfExists('seasons');
        DB::table('colony_facts')->where('kind', 'confirmed')->delete();
        self::kinds(self::KINDS);
    }

    /** @param  list<string>  $kinds */
    private static function kinds(array $kinds): void
    {
        Schema::table('colony_facts', static function (Blueprint $table) use ($kinds): void {
            $table->enum('kind', $kinds)->change();
        });
    }
};
