<?php

declare(strict_types=1);

namespace App\Compare\Out;

use ZipArchive;

/** From the ZIP of tables. */
final readonly class PackageSource implements WholeSource
{
    private ZipArchive $zip;

    /** @var array<array-key, mixed> */
    private array $package;

    /** @throws Unreadable when it is no such package */
    public function __construct(string $path)
    {
        $this->zip = new ZipArchive;
        if ($this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Unreadable::because(__('this is no ZIP'));
        }
        $package = json_decode((string) $this->zip->getFromName('datapackage.json'), true);
        if (! is_array($package) || ($package['name'] ?? null) !== WholeReader::FORMAT) {
            throw Unreadable::because(__('there is no datapackage.json of a whole operation in it'));
        }
        if ((string) ($package['version'] ?? '') !== (string) WholeReader::VERSION) {
            throw Unreadable::because(__('this is of another version; :own is read here', ['own' => WholeReader::VERSION]));
        }
        $this->package = $package;
    }

    public function settings(): array
    {
        $settings = $this->package['operation'] ?? [];

        return is_array($settings) ? $settings : [];
    }

    public function rows(WholeTable $table): iterable
    {
        $file = $this->zip->getStream("data/$table->name.csv");
        if ($file === false) {
            return;
        }
        $head = fgetcsv($file, null, ',', '"', '');
        if (! is_array($head)) {
            return;
        }
        for ($line = 2; is_array($cells = fgetcsv($file, null, ',', '"', '')); $line++) {
            if ($cells === [null]) {
                continue;
            }
            if (count($cells) !== count($head)) {
                throw Unreadable::because(__(':table, line :n: :cells cells where :wanted are wanted', [
                    'table' => $table->name,
                    'n' => $line,
                    'cells' => count($cells),
                    'wanted' => count($head),
                ]));
            }
            yield $line => array_combine(
                array_map(strval(...), $head),
                array_map(static fn (?string $cell): ?string => $cell === '\N' ? null : $cell, $cells),
            );
        }
        fclose($file);
    }
}
