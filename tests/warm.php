<?php

declare(strict_types=1);

// Opens every page of the seeded demo once and writes what was computed for them: php tests/warm.php FILE FOLDER
// The file is for tests of one process, the folder is the pages' own cache for tests in a browser.

use App\Models\User;
use App\Transfer\EveryPage;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\FileStore;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Cache;

require __DIR__.'/../vendor/autoload.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
foreach (User::query()->where('email', 'keeper@demo.example')->get() as $person) {
    $app->make(App\Apiary\Operation\CurrentOperation::class)->enter(
        App\Models\Operation::query()->findOrFail($person->memberships()->firstOrFail()->operation_id),
        App\Models\Role::Owner,
    );
    $app->make(EveryPage::class)->check($person);
}
$store = Cache::getStore();
assert($store instanceof ArrayStore);
file_put_contents($argv[1], serialize($store->all(false)));
$files = new FileStore(new Filesystem, $argv[2]);
foreach ($store->all() as $key => $kept) {
    $files->put($key, $kept['value'], max(1, (int) ($kept['expiresAt'] - microtime(true))));
}
