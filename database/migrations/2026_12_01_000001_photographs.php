<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Each photograph is stored once, by the hash of its bytes, so that backups need it once too. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('photographs', function (Blueprint $table): void {
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->timestamp('created_at')->useCurrent()->index();
        });
        DB::statement('alter table photographs add column jpeg mediumblob not null');
        DB::statement('insert ignore into photographs (sha256, jpeg) select sha2(jpeg, 256), jpeg from hive_photos');
        Schema::table('hive_photos', function (Blueprint $table): void {
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->nullable();
        });
        DB::statement('update hive_photos set sha256 = sha2(jpeg, 256)');
        DB::statement('alter table hive_photos drop column jpeg');
        DB::statement('alter table hive_photos modify sha256 char(64) character set ascii collate ascii_bin not null');
        Schema::table('hive_photos', function (Blueprint $table): void {
            $table->foreign('sha256')->references('sha256')->on('photographs');
        });
    }

    public function down(): void
    {
        DB::statement('alter table hive_photos add column jpeg mediumblob null');
        DB::statement('update hive_photos h join photographs p on p.sha256 = h.sha256 set h.jpeg = p.jpeg');
        Schema::table('hive_photos', function (Blueprint $table): void {
            $table->dropForeign(['sha256']);
            $table->dropColumn('sha256');
        });
        DB::statement('alter table hive_photos modify jpeg mediumblob not null');
        Schema::dropIfExists('photographs');
    }
};
