<?php

declare(strict_types=1);

// The exact versions of all PHP packages, direct and transitive, as a package of our own that conflicts with every
// other version: a fresh clone installs the same ones, and no address of a registry is written down.
//   php bin/lib/pin.php write|check

$root = dirname(__DIR__, 2);
$list = "$root/packages/pinned/composer.json";
$installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true, flags: JSON_THROW_ON_ERROR);
$versions = [];
foreach ($installed['packages'] as $package) {
    if (! str_starts_with($package['name'], 'marjoram/')) {
        $versions[$package['name']] = '!= '.$package['version'];
    }
}
ksort($versions);
$text = json_encode([
    'name' => 'marjoram/pinned',
    'description' => 'Written by bin/pin: conflicts with every version of a package but the one that is used.',
    'type' => 'metapackage',
    'version' => '1.0.0',
    'license' => 'MIT',
    'conflict' => $versions,
], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";

if (($argv[1] ?? '') === 'write') {
    file_put_contents($list, $text);
    printf("%d packages are pinned in packages/pinned/composer.json.\n", count($versions));
    exit(0);
}
$wrong = [];
$known = is_file($list) ? json_decode((string) file_get_contents($list), true)['conflict'] ?? [] : [];
foreach ($versions as $name => $version) {
    if (($known[$name] ?? null) !== $version) {
        $wrong[] = "$name is installed as ".substr($version, 3).', pinned is '.substr($known[$name] ?? '!= nothing', 3);
    }
}
foreach (['package-lock.json', 'tools/format/package-lock.json'] as $lock) {
    if (preg_match('#"resolved"|https?://[a-z0-9.-]*(registry|packagist)#', (string) file_get_contents("$root/$lock")) === 1) {
        $wrong[] = "$lock holds addresses of a registry";
    }
}
foreach ($wrong as $line) {
    fwrite(STDERR, "$line\n");
}
if ($wrong !== []) {
    fwrite(STDERR, "bin/pin writes the list of versions again from what is installed.\n");
}
exit($wrong === [] ? 0 : 1);
