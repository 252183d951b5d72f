<?php

declare(strict_types=1);

// Of the results of all suites: the ten slowest tests, and how many passed.
//   php bin/lib/slowest.php RESULTS.xml...

$tests = [];
$failed = $skipped = 0;
foreach (array_slice($argv, 1) as $file) {
    $document = new DOMDocument;
    if (! @$document->load($file)) {
        fwrite(STDERR, "$file cannot be read\n");
        exit(1);
    }
    foreach ($document->getElementsByTagName('testcase') as $case) {
        $class = (string) preg_replace('/.*\\\\/', '', $case->getAttribute('class'));
        $tests[] = [(float) $case->getAttribute('time'), "$class::".$case->getAttribute('name')];
        $isFailed = $case->getElementsByTagName('failure')->length + $case->getElementsByTagName('error')->length > 0;
        $failed += $isFailed ? 1 : 0;
        $skipped += $case->getElementsByTagName('skipped')->length > 0 ? 1 : 0;
    }
}
rsort($tests);
echo "\nThe ten slowest:\n";
foreach (array_slice($tests, 0, 10) as [$seconds, $name]) {
    printf("  %5.1f s  %s\n", $seconds, $name);
}
printf("\n%d passed, %d failed, %d skipped\n", count($tests) - $failed - $skipped, $failed, $skipped);
