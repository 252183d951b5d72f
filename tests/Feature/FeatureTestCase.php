<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use App\Pages\HoneyRoom\RoomChecks;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use Tests\Support\WarmStore;

/** Against MariaDB with the demo in it, cloned by bin/test; each test in a transaction that is rolled back. */
abstract class FeatureTestCase extends TestCase
{
    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        // What the pages of the demo have computed is there, and is put back before each test.
        Cache::extend('warm', fn (): Repository => Cache::repository(
            new WarmStore(dirname(__DIR__, 2).'/var/test/warm.cache'),
        ));
        config(['cache.stores.warm' => ['driver' => 'warm'], 'cache.default' => 'warm']);

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        if (! str_ends_with((string) DB::connection()->getDatabaseName(), '_test')) {
            throw new RuntimeException('Tests run only on a database whose name ends in _test.');
        }
        DB::beginTransaction();
    }

    protected function tearDown(): void
    {
        while (DB::transactionLevel() > 0) {
            DB::rollBack();
        }
        DB::disconnect();
        parent::tearDown();
    }

    /** Another person sits at another browser. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    protected function as(string $who): static
    {
        $this->actingAs(
            User::query()
                ->where('email', "$who@demo.example")
                ->firstOrFail(),
        );

        return $this;
    }

    /** Enters the demo so that records can be read in the test itself. */
    protected function demo(string $name = 'Marjoram demo'): Operation
    {
        $operation = Operation::query()->where('name', $name)->firstOrFail();
        app(CurrentOperation::class)->enter($operation, Role::Owner);

        return $operation;
    }

    /** The list before the first honey of the day. */
    protected function tickTheList(): void
    {
        $all = array_fill_keys(array_keys(RoomChecks::items()), '1');
        $this->send('POST', '/honey-room/checks', ['checks' => $all])->assertStatus(303);
    }

    /**
     * Tries something and leaves nothing of it in the database.
     *
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     */
    protected function tried(\Closure $do): mixed
    {
        $depth = DB::transactionLevel();
        DB::beginTransaction();
        try {
            return $do();
        } finally {
            DB::rollBack($depth);
            app(ScopeVersions::class)->forget();
        }
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function send(
        string $method,
        string $url,
        array $data = [],
        ?string $key = null,
        string $from = '/',
    ): TestResponse {
        return $this->from($from)->call($method, $url, ['_key' => $key ?? (string) Str::ulid()] + $data);
    }
}
