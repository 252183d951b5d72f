<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;

/** The whole operation as one JSON document, written as it is read, and the schema of it. */
final readonly class WholeDocument
{
    private const FLAGS = JSON_UNESCAPED_SLASHES
        | JSON_UNESCAPED_UNICODE
        | JSON_THROW_ON_ERROR
        | JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(
        private CurrentOperation $current,
        private WholeTables $tables,
        private WholeReader $reader,
    ) {
    }

    /** @param  resource  $to */
    public function write($to): void
    {
        $head = [
            'format' => WholeReader::FORMAT,
            'version' => WholeReader::VERSION,
            'schema' => route('compare.out.schema'),
            'written_at' => $this->current->now()->format('c'),
            'operation' => $this->reader->settings(),
        ];
        fwrite($to, substr(json_encode($head, self::FLAGS), 0, -1).',"tables":{');
        $isFirst = true;
        foreach ($this->tables->all() as $table) {
            fwrite($to, ($isFirst ? '' : ',')."\n".json_encode($table->name, self::FLAGS).':[');
            $isFirst = false;
            $rows = 0;
            foreach ($this->reader->rows($table) as $row) {
                fwrite($to, ($rows++ === 0 ? "\n" : ",\n").json_encode($row, self::FLAGS));
            }
            fwrite($to, ']');
        }
        fwrite($to, "}}\n");
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        $tables = [];
        foreach ($this->tables->all() as $table) {
            $columns = [];
            foreach ($table->columns as $column) {
                $columns[$column->name] = $column->schema();
            }
            $tables[$table->name] = [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'properties' => $columns,
                    'required' => $table->names(),
                    'additionalProperties' => false,
                ],
            ];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => route('compare.out.schema'),
            'title' => 'A whole operation: settings and all records. SI units; moments in UTC.',
            'type' => 'object',
            'properties' => [
                'format' => ['const' => WholeReader::FORMAT],
                'version' => ['const' => WholeReader::VERSION],
                'schema' => ['type' => 'string'],
                'written_at' => ['type' => 'string', 'format' => 'date-time'],
                'operation' => ['type' => 'object'],
                'tables' => [
                    'type' => 'object',
                    'properties' => $tables,
                    'required' => array_keys($tables),
                    'additionalProperties' => false,
                ],
            ],
            'required' => ['format', 'version', 'operation', 'tables'],
        ];
    }
}
