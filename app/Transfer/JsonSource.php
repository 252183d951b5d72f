<?php

declare(strict_types=1);

namespace App\Transfer;

/** From the one document. It is read once, row by row, into a file for each table. */
final class JsonSource implements WholeSource
{
    private const DEPTH = 64;

    /** @var array<string, array<array-key, mixed>> the values beside the tables */
    private array $values = [];

    /** @var array<string, resource> rows by table, a line each */
    private array $tables = [];

    /**
     * @param  list<string>  $known  names of the tables that are read; others are passed over
     *
     * @throws Unreadable when it is no such document, or too large
     */
    public function __construct(string $path, private readonly array $known)
    {
        if ((int) filesize($path) > self::MOST_BYTES) {
            throw Unreadable::because(__('a document of more than :n MB is not read', ['n' => self::MOST_BYTES / 1_000_000]));
        }
        $file = fopen($path, 'r');
        if ($file === false) {
            throw Unreadable::because(__('the file cannot be opened'));
        }
        (new JsonSplitter($file))->split($this->value(...), $this->row(...));
        fclose($file);
        $isOne = ($this->values['format'] ?? null) === [WholeReader::FORMAT] && isset($this->values['operation']);
        if (! $isOne) {
            throw Unreadable::because(__('this file is not a whole operation: "format", "operation" or "tables" is missing'));
        }
        $version = $this->values['version'][0] ?? null;
        if (! in_array($version, WholeReader::READ, true)) {
            throw Unreadable::because(__('the file has version :v; this Marjoram reads versions up to :own', [
                'v' => is_scalar($version) ? (string) $version : '?',
                'own' => WholeReader::VERSION,
            ]));
        }
    }

    public function settings(): array
    {
        return $this->values['operation'] ?? [];
    }

    public function rows(WholeTable $table): iterable
    {
        $file = $this->tables[$table->name] ?? null;
        if ($file === null) {
            return;
        }
        rewind($file);
        for ($n = 0; ($line = fgets($file)) !== false; $n++) {
            $row = json_decode($line, true, self::DEPTH);
            if (! is_array($row)) {
                throw Unreadable::because(__('row :n of :table cannot be read', ['n' => $n, 'table' => $table->name]));
            }
            yield $n => $row;
        }
    }

    /** A document names photographs and does not hold them. */
    public function photograph(string $sha256): ?string
    {
        return null;
    }

    private function value(string $name, string $json): void
    {
        $value = json_decode($json, true, self::DEPTH);
        $this->values[$name] = is_array($value) ? $value : [$value];
    }

    private function row(string $table, string $json): void
    {
        if (! in_array($table, $this->known, true)) {
            return;
        }
        $file = $this->tables[$table] ?? tmpfile();
        if ($file === false) {
            throw Unreadable::because(__('the disk is full'));
        }
        $this->tables[$table] = $file;
        // Between values only: in a text a line end is written as \n.
        $line = strtr($json, "\r\n", '  ')."\n";
        if (fwrite($file, $line) !== strlen($line)) {
            throw Unreadable::because(__('the disk is full'));
        }
    }
}
