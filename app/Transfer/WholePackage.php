<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use ZipArchive;

/**
 * The same as a ZIP: a tabular data package (datapackage.json with a table schema for each CSV), to be read by any
 * program that knows that open form, or by none but a spreadsheet; and the photographs as files.
 */
final readonly class WholePackage
{
    /** The folder of the photographs. */
    public const PHOTOGRAPHS = 'photographs/';

    public function __construct(
        private CurrentOperation $current,
        private WholeTables $tables,
        private WholeReader $reader,
    ) {
    }

    public static function photograph(string $sha256): string
    {
        return self::PHOTOGRAPHS."$sha256.jpg";
    }

    /** @return string path of the file; whoever asked for it deletes it */
    public function write(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'package');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $parts = [];
        $resources = [];
        foreach ($this->tables->all() as $table) {
            $parts[] = $csv = (string) tempnam(sys_get_temp_dir(), 'table');
            $this->csv($table, $csv);
            $zip->addFile($csv, "data/$table->name.csv");
            $resources[] = [
                'name' => str_replace('_', '-', $table->name),
                'path' => "data/$table->name.csv",
                'profile' => 'tabular-data-resource',
                'encoding' => 'utf-8',
                'schema' => ['fields' => array_map(self::field(...), $table->columns)],
            ];
        }
        $zip->addFromString('datapackage.json', json_encode([
            'profile' => 'tabular-data-package',
            'name' => 'marjoram-operation',
            'title' => $this->current->get()->name,
            'version' => (string) WholeReader::VERSION,
            'created' => $this->current->now()->format('c'),
            'operation' => $this->reader->settings(),
            'resources' => $resources,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
        $parts = [...$parts, ...$this->photographs($zip)];
        $zip->close();
        array_map(unlink(...), $parts);

        return $path;
    }

    /** @return list<string> paths of files that go when the ZIP is written */
    private function photographs(ZipArchive $zip): array
    {
        $files = [];
        foreach ($this->reader->photographs() as $sha256 => $jpeg) {
            $files[] = $file = (string) tempnam(sys_get_temp_dir(), 'photograph');
            file_put_contents($file, $jpeg);
            $name = self::photograph($sha256);
            $zip->addFile($file, $name);
            // It is packed already.
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }

        return $files;
    }

    /** @return array<string, mixed> of a table schema */
    private static function field(WholeColumn $column): array
    {
        return ['name' => $column->name] + match ($column->kind) {
            'boolean' => ['type' => 'boolean', 'trueValues' => ['1'], 'falseValues' => ['0']],
            default => ['type' => $column->kind],
        };
    }

    private function csv(WholeTable $table, string $path): void
    {
        $out = fopen($path, 'w');
        assert($out !== false);
        fputcsv($out, $table->names(), escape: '');
        foreach ($this->reader->rows($table) as $row) {
            fputcsv($out, array_map(self::cell(...), $table->columns, array_values($row)), escape: '');
        }
        fclose($out);
    }

    /** Nothing and an empty text are not the same: null is written as \N, as databases do. */
    private static function cell(WholeColumn $column, string|int|float|bool|null $value): string|int
    {
        return match (true) {
            $value === null => '\N',
            // A spreadsheet would run it as a formula.
            $column->kind === 'string' && strpbrk(((string) $value)[0] ?? '', "=+-@'\\\t\r") !== false => "'".$value,
            is_bool($value) => $value ? 1 : 0,
            is_float($value) => (string) json_encode($value),
            default => $value,
        };
    }
}
