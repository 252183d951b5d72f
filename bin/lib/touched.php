<?php

declare(strict_types=1);

// The files of tests that the changes since a revision can touch: tests that were changed themselves, the rules of the
// house, and those that name the module or the page of a changed file.
//   php bin/lib/touched.php REV

$root = dirname(__DIR__, 2);
chdir($root);
exec('git diff --name-only '.escapeshellarg($argv[1] ?? 'HEAD').' -- && git ls-files --others --exclude-standard', $changed, $status);
if ($status !== 0) {
    fwrite(STDERR, "git does not know this revision.\n");
    exit(1);
}
$tests = [];
foreach (['Core', 'Reference', 'Feature', 'Browser'] as $suite) {
    foreach (glob("tests/$suite/*Test.php") ?: [] as $file) {
        $tests[$file] = (string) file_get_contents($file);
    }
}
$found = [];
$words = [];
foreach (array_unique($changed) as $file) {
    $word = match (1) {
        preg_match('#^core/(\w+)/#', $file, $part) => '/Core\\\\'.$part[1].'\\\\/',
        preg_match('#^app/(?:(?:Foundation|Apiary|Pages)/)?(\w+)/#', $file, $part) => '/App\\\\(\w+\\\\)?'.$part[1].'\\\\|[\'"]\/'.strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $part[1])).'\b/',
        preg_match('#^resources/views/([\w-]+)/#', $file, $part) => '/[\'"]\/'.preg_quote($part[1], '/').'\b/',
        preg_match('#^resources/js/field#', $file) => '/class Field\w*Test/',
        preg_match('#^resources/(js|css)/|^public/#', $file) => '/extends BrowserTestCase/',
        preg_match('#^(routes|config|database|bootstrap)/#', $file) => '/extends FeatureTestCase/',
        preg_match('#^bin/#', $file) => '/class (Backup|StayingUp)Test/',
        default => '',
    };
    if ($word !== '') {
        $words[$word] = true;
    }
    if (preg_match('#^tests/\w+/\w+Test\.php$#', $file) === 1 && is_file($file)) {
        $found[$file] = true;
    } elseif (preg_match('#^tests/(\w+)/(\w+)\.php$#', $file, $part) === 1) {
        $words["/\\b$part[2]\\b/"] = true;
    }
}
foreach ($tests as $file => $code) {
    foreach (array_keys($words) as $word) {
        if (preg_match($word, $code) === 1) {
            $found[$file] = true;
        }
    }
}
if ($changed !== []) {
    $found['tests/Architecture'] = true;
}
ksort($found);
echo implode("\n", array_keys($found)), $found === [] ? '' : "\n";
