<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Foundation\Server\Photographs;
use ZipArchive;

/** From the ZIP of tables and photographs. The sizes of its entries are asked first, and they are held to them. */
final readonly class PackageSource implements WholeSource
{
    private const MOST_ENTRIES = 200_000;

    private const MOST_HEAD = 1_000_000;

    private ZipArchive $zip;

    /** @var array<array-key, mixed> */
    private array $package;

    /** @throws Unreadable when it is no such package, or too large */
    public function __construct(string $path)
    {
        $this->zip = new ZipArchive;
        if ($this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Unreadable::because(__('the file is not a ZIP'));
        }
        $this->measure();
        $package = json_decode($this->zip->getFromName('datapackage.json', self::MOST_HEAD) ?: '', true);
        if (! is_array($package) || ($package['name'] ?? null) !== WholeReader::FORMAT) {
            throw Unreadable::because(__('the ZIP has no datapackage.json of a whole operation'));
        }
        $version = $package['version'] ?? '';
        if (! is_scalar($version) || ! in_array((int) $version, WholeReader::READ, true)) {
            throw Unreadable::because(__('the file has another version; this Marjoram reads versions up to :own', [
                'own' => WholeReader::VERSION,
            ]));
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
        $file = $this->unpacked("data/$table->name.csv");
        $head = $file === null ? false : fgetcsv($file, null, ',', '"', '');
        if ($file === null || ! is_array($head)) {
            return;
        }
        for ($line = 2; is_array($cells = fgetcsv($file, null, ',', '"', '')); $line++) {
            if ($cells === [null]) {
                continue;
            }
            if (count($cells) !== count($head)) {
                throw Unreadable::because(__(':table, line :n has :cells cells; it needs :wanted', [
                    'table' => $table->name,
                    'n' => $line,
                    'cells' => count($cells),
                    'wanted' => count($head),
                ]));
            }
            yield $line => array_combine(array_map(strval(...), $head), array_map($this->value(...), $cells));
        }
    }

    public function photograph(string $sha256): ?string
    {
        $bytes = $this->zip->getFromName(WholePackage::photograph($sha256), Photographs::MOST_BYTES + 1);

        return $bytes === false ? null : $bytes;
    }

    /** From version 2 on a text that a spreadsheet would take for a formula has a quote before it. */
    private function value(?string $cell): ?string
    {
        if ($cell === '\N' || $cell === null) {
            return null;
        }

        return (int) $this->package['version'] > 1 && str_starts_with($cell, "'") ? substr($cell, 1) : $cell;
    }

    /** @throws Unreadable */
    private function measure(): void
    {
        if ($this->zip->numFiles > self::MOST_ENTRIES) {
            throw Unreadable::because(__('a ZIP of more than :n files is not read', ['n' => self::MOST_ENTRIES]));
        }
        $sum = 0;
        for ($i = 0; $i < $this->zip->numFiles; $i++) {
            $entry = $this->zip->statIndex($i);
            $isPhotograph = is_array($entry) && str_starts_with($entry['name'], WholePackage::PHOTOGRAPHS);
            $sum += is_array($entry) && ! $isPhotograph ? $entry['size'] : 0;
        }
        if ($sum > self::MOST_BYTES) {
            throw Unreadable::because(__('its tables are larger than :n MB unpacked, the most that is read', [
                'n' => self::MOST_BYTES / 1_000_000,
            ]));
        }
    }

    /**
     * In a file of its own, and no more of it than its entry says.
     *
     * @return resource|null null where it is not in it
     */
    private function unpacked(string $name)
    {
        $entry = $this->zip->statName($name);
        $from = $entry === false ? false : $this->zip->getStream($name);
        if ($entry === false || $from === false) {
            return null;
        }
        $to = tmpfile();
        if ($to === false || stream_copy_to_stream($from, $to, $entry['size'] + 1) !== $entry['size']) {
            throw Unreadable::because(__(':name has another size than the ZIP says, or the disk is full', ['name' => $name]));
        }
        fclose($from);
        rewind($to);

        return $to;
    }
}
