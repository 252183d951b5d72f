<?php

declare(strict_types=1);

namespace App\Compare\Out;

use JsonException;

/** From the one document. */
final readonly class JsonSource implements WholeSource
{
    /** @var array<array-key, mixed> */
    private array $document;

    /** @throws Unreadable when it is no such document */
    public function __construct(string $text)
    {
        try {
            $document = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw Unreadable::because(__('this is no JSON: :why', ['why' => $error->getMessage()]));
        }
        $isOne = is_array($document)
            && ($document['format'] ?? null) === WholeReader::FORMAT
            && is_array($document['tables'] ?? null)
            && is_array($document['operation'] ?? null);
        if (! $isOne) {
            throw Unreadable::because(__('this is no whole operation: "format", "operation" and "tables" are wanted'));
        }
        if ($document['version'] !== WholeReader::VERSION) {
            throw Unreadable::because(__('this is of version :v; :own is read here', [
                'v' => is_scalar($document['version']) ? (string) $document['version'] : '?',
                'own' => WholeReader::VERSION,
            ]));
        }
        $this->document = $document;
    }

    public function settings(): array
    {
        $settings = $this->document['operation'];

        return is_array($settings) ? $settings : [];
    }

    public function rows(WholeTable $table): iterable
    {
        $tables = $this->document['tables'];
        $rows = is_array($tables) ? $tables[$table->name] ?? [] : [];
        if (! is_array($rows)) {
            throw Unreadable::because(__(':table is no list', ['table' => $table->name]));
        }
        foreach ($rows as $i => $row) {
            if (! is_array($row)) {
                throw Unreadable::because(__('a row of :table is none', ['table' => $table->name]));
            }
            yield $i => $row;
        }
    }
}
