<?php

declare(strict_types=1);

namespace App\Transfer;

/** A column: what its values are in the document, and in the schema that is published with it. */
final readonly class WholeColumn
{
    private const KINDS = [
        'int' => 'integer',
        'bigint' => 'integer',
        'smallint' => 'integer',
        'tinyint' => 'integer',
        'mediumint' => 'integer',
        'decimal' => 'number',
        'double' => 'number',
        'float' => 'number',
        'date' => 'date',
        'datetime' => 'datetime',
        'timestamp' => 'datetime',
    ];

    private function __construct(public string $name, public string $kind, public bool $isNullable)
    {
    }

    /** @param  string  $whole  the type with its length */
    public static function of(string $name, string $type, string $whole, bool $isNullable): self
    {
        $kind = str_starts_with($whole, 'tinyint(1)') ? 'boolean' : self::KINDS[$type] ?? 'string';

        return new self($name, $kind, $isNullable);
    }

    /** From the database to the document. */
    public function out(mixed $value): string|int|float|bool|null
    {
        if (! is_scalar($value)) {
            return null;
        }

        return match ($this->kind) {
            'integer' => (int) $value,
            'number' => (float) $value,
            'boolean' => (bool) $value,
            'datetime' => str_replace(' ', 'T', (string) $value).'Z',
            default => (string) $value,
        };
    }

    /**
     * From the document to the database.
     *
     * @throws Unreadable when this column may not hold the value
     */
    public function in(mixed $value): string|int|float|null
    {
        if ($value === null || ($value === '' && $this->kind !== 'string')) {
            return $this->isNullable ? null : throw Unreadable::because(__('a value is missing'));
        }
        if (! is_scalar($value)) {
            throw Unreadable::because(__('the setting must be a single value'));
        }
        $isRight = match ($this->kind) {
            'integer' => filter_var($value, FILTER_VALIDATE_INT) !== false || is_bool($value),
            'number' => is_numeric($value),
            'boolean' => is_bool($value) || in_array((string) $value, ['0', '1'], true),
            'date' => self::isDay((string) $value),
            'datetime' => preg_match('/^(.{10})T\d\d:\d\d:\d\d(\.\d+)?Z$/', (string) $value, $day) === 1 && self::isDay($day[1]),
            default => (is_string($value) && ! str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8'))
                || is_int($value)
                || is_float($value),
        };
        if (! $isRight) {
            throw Unreadable::because(__('":value" is not a :kind', [
                'value' => mb_substr((string) $value, 0, 40),
                'kind' => $this->kind,
            ]));
        }

        return match ($this->kind) {
            'integer', 'boolean' => (int) $value,
            'number' => (float) $value,
            'datetime' => rtrim(str_replace('T', ' ', (string) $value), 'Z'),
            default => (string) $value,
        };
    }

    /** A day of the calendar, of these centuries. */
    private static function isDay(string $text): bool
    {
        return preg_match('/^(19\d\d|20\d\d|21\d\d)-(\d\d)-(\d\d)$/', $text, $day) === 1
            && checkdate((int) $day[2], (int) $day[3], (int) $day[1]);
    }

    /** @return array<string, mixed> JSON Schema */
    public function schema(): array
    {
        $type = match ($this->kind) {
            'date', 'datetime' => 'string',
            default => $this->kind,
        };
        $format = ['date' => 'date', 'datetime' => 'date-time'][$this->kind] ?? null;

        $of = ['type' => $this->isNullable ? [$type, 'null'] : $type];

        return $format === null ? $of : $of + ['format' => $format];
    }
}
