<?php

declare(strict_types=1);

// How many files of this project a request runs through: php tests/paths.php METHOD PATH [FIELD=VALUE ...]
// Signed in as the demo's keeper, in a process of its own, and taken back; nothing kept is
// used, but with CACHE_STORE=file, said twice, by the user that owns storage/.

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../vendor/autoload.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
// As a page is served: no command of the console is read.
$app->instance('request', Request::create('/'));
$app->make(Kernel::class)->bootstrap();
config(['session.driver' => 'array', 'cache.default' => getenv('CACHE_STORE') ?: 'array']);
$app->instance('env', 'testing');
Auth::setUser(User::query()->where('email', 'keeper@demo.example')->firstOrFail());
DB::beginTransaction();
[, $method, $path] = $argv;
parse_str(implode('&', array_slice($argv, 3)), $fields);
$host = (string) preg_replace('#^https?://#', '', (string) config('app.url'));
$request = Request::create($path, $method, $fields + ['_key' => (string) Str::ulid()], server: ['HTTP_HOST' => $host]);
$response = $app->make(Kernel::class)->handle($request);
DB::rollBack();
$root = dirname(__DIR__).'/';
$of = static fn (string $folder): int => count(array_filter(
    get_included_files(),
    static fn (string $file): bool => str_starts_with($file, $root.$folder.'/'),
));
printf("%s %s: %d, %d files of app, %d of core\n", $method, $path, $response->getStatusCode(), $of('app'), $of('core'));
