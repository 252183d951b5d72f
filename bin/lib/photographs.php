<?php

declare(strict_types=1);

// Photographs of a backup: files named by the SHA-256 of their bytes, so that each is kept once.
//   php bin/lib/photographs.php files FOLDER          lines of name, tab, base64 from standard input become files
//   php bin/lib/photographs.php sql FOLDER <names     files become statements; those missing or damaged are named

[, $what, $folder] = $argv + ['', '', ''];
$bad = 0;
while (($line = fgets(STDIN)) !== false) {
    [$name, $text] = explode("\t", rtrim($line, "\n")) + ['', ''];
    if (preg_match('/^[0-9a-f]{64}$/', $name) !== 1) {
        continue;
    }
    $file = "$folder/$name.jpg";
    if ($what === 'files') {
        $bytes = (string) base64_decode(str_replace('\n', '', $text), true);
        if (hash('sha256', $bytes) !== $name || file_put_contents("$file.part", $bytes) !== strlen($bytes)) {
            fwrite(STDERR, "photograph $name could not be written\n");
            exit(1);
        }
        rename("$file.part", $file);
    } else {
        $bytes = is_file($file) ? (string) file_get_contents($file) : '';
        if (hash('sha256', $bytes) !== $name) {
            fwrite(STDERR, "photograph $name is missing or damaged\n");
            $bad++;

            continue;
        }
        echo "insert ignore into photographs (sha256, jpeg) values ('$name', from_base64('".base64_encode($bytes)."'));\n";
    }
}
exit($bad === 0 ? 0 : 3);
