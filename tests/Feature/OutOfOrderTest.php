<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Foundation\Http\OutOfOrder;
use App\Foundation\Server\Heartbeat;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;

/** Where something beneath fails, a page says what to do, and watchers see it. */
final class OutOfOrderTest extends FeatureTestCase
{
    #[TestWith(['file_put_contents(): Write of 12 bytes failed with errno=28 No space left on device', 'disk is full'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 1114 The table is full', 'disk is full'])]
    #[TestWith(["SQLSTATE[HY000]: General error: 1114 The table 'colony_facts' is full", 'disk is full'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 1021 Disk full (/tmp/#sql-temptable); waiting for someone', 'disk is full'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 1030 Got error 28 "No space left on device" from storage engine', 'disk is full'])]
    #[TestWith(["SQLSTATE[HY000]: General error: 3 Error writing file './app/x.frm' (Errcode: 28)", 'disk is full'])]
    #[TestWith(["SQLSTATE[HY000]: General error: 1026 Error writing file 'x' (errno: 28)", 'disk is full'])]
    #[TestWith(['SQLSTATE[HY000] [2002] Connection refused', 'bin/start'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 2006 MySQL server has gone away', 'bin/start'])]
    #[TestWith(['SQLSTATE[08S01]: Communication link failure: 1053 Server shutdown in progress', 'bin/start'])]
    #[TestWith(['SQLSTATE[70100]: <<Unknown error>>: 1927 Connection was killed', 'bin/start'])]
    #[TestWith(['SQLSTATE[HY000]: General error: 2013 Lost connection to server during query', 'bin/start'])]
    #[TestWith(['SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock', 'Send the form again'])]
    #[TestWith(["SQLSTATE[42S02]: Table 'app.hives' doesn't exist in engine", 'newest backup'])]
    #[TestWith(['file_put_contents(/x/storage/framework/sessions/a): Failed: Permission denied', 'permissions'])]
    public function test_what_is_out_of_order_says_what_to_do(string $message, string $words): void
    {
        self::assertStringContainsString($words, (string) OutOfOrder::sentence(new ErrorException($message)));
        $beneath = new QueryException('mariadb', 'select 1', [], new PDOException($message));
        self::assertStringContainsString($words, (string) OutOfOrder::sentence(new RuntimeException('x', 0, $beneath)));
    }

    public function test_an_error_like_any_other_is_none_of_it(): void
    {
        self::assertNull(OutOfOrder::sentence(new RuntimeException('Division by zero')));
    }

    public function test_without_its_database_pages_say_so_and_up_is_down(): void
    {
        $this->as('keeper');
        $this->get('/up')->assertOk()->assertSee('database up')->assertSee('storage up')->assertSee('disk up')->assertSee('database-disk up');
        $port = config('database.connections.mariadb.port');
        DB::rollBack();
        DB::disconnect();
        config(['database.connections.mariadb.port' => 9]);
        DB::purge();
        try {
            $this->get('/')->assertStatus(503)->assertSee('bin/start')->assertDontSee('SQLSTATE');
            $this->get('/up')->assertStatus(503)->assertSee('database down')->assertSee('storage up');
        } finally {
            config(['database.connections.mariadb.port' => $port]);
            DB::purge();
            DB::beginTransaction();
        }
        $this->get('/up')->assertOk();
    }

    public function test_workers_are_silent_until_they_say_so(): void
    {
        Cache::flush();
        $this->get('/up')->assertOk()->assertSee('queue silent')->assertSee('scheduler silent');
        Heartbeat::of(Heartbeat::QUEUE);
        Cache::put(Heartbeat::key(Heartbeat::SCHEDULER), time() - 600, 60);
        $this->get('/up')->assertOk()->assertSee('queue up')->assertSee('scheduler silent');
    }
}
