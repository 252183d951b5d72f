<?php

declare(strict_types=1);

namespace App\Transfer;

/**
 * Takes a document of a whole operation apart while it is read: each value of the outer object, but of "tables" each
 * row by itself. Holds no more than one of them at a time, so that a document of any size is read in little memory.
 * What is between the brackets is not looked at here: it is decoded by whoever gets it.
 */
final class JsonSplitter
{
    private const CHUNK = 262_144;

    /** A row with a photograph in it, as version 1 has them, is the largest. */
    private const MOST_VALUE = 12_000_000;

    private string $buffer = '';

    private int $at = 0;

    /** @param  resource  $file */
    public function __construct(private readonly mixed $file)
    {
    }

    /**
     * @param  callable(string, string): void  $value  name and JSON text of each value beside the tables
     * @param  callable(string, string): void  $row  table and JSON text of each row
     *
     * @throws Unreadable where it is no such document
     */
    public function split(callable $value, callable $row): void
    {
        foreach ($this->names('{') as $name) {
            if ($name === 'tables') {
                foreach ($this->names('{') as $table) {
                    $this->rows($table, $row);
                }
            } else {
                $value($name, $this->take());
            }
        }
        if ($this->next() !== '') {
            throw self::broken();
        }
    }

    /**
     * The names of an object that begins here; its values are read by the caller in between.
     *
     * @return iterable<string>
     */
    private function names(string $open): iterable
    {
        $this->expect($open);
        if ($this->next() === '}') {
            $this->at++;

            return;
        }
        do {
            $name = json_decode($this->take());
            if (! is_string($name)) {
                throw self::broken();
            }
            $this->expect(':');
            yield $name;
            $end = $this->next();
            $this->at++;
        } while ($end === ',');
        if ($end !== '}') {
            throw self::broken();
        }
    }

    /** @param  callable(string, string): void  $row */
    private function rows(string $table, callable $row): void
    {
        if ($this->next() !== '[') {
            throw Unreadable::because(__(':table is not a list', ['table' => mb_substr($table, 0, 40)]));
        }
        $this->at++;
        if ($this->next() === ']') {
            $this->at++;

            return;
        }
        do {
            $row($table, $this->take());
            $end = $this->next();
            $this->at++;
        } while ($end === ',');
        if ($end !== ']') {
            throw self::broken();
        }
    }

    private function expect(string $sign): void
    {
        if ($this->next() !== $sign) {
            throw self::broken();
        }
        $this->at++;
    }

    /** The next sign that is no white space; empty at the end. */
    private function next(): string
    {
        do {
            $this->at += strspn($this->buffer, " \t\r\n", $this->at);
        } while ($this->at >= strlen($this->buffer) && $this->more());

        return $this->buffer[$this->at] ?? '';
    }

    /** The text of the value that begins here. */
    private function take(): string
    {
        $first = $this->next();
        $this->buffer = substr($this->buffer, $this->at);
        $this->at = 0;
        $end = match ($first) {
            '"' => $this->endOfText(0),
            '{', '[' => $this->endOfNested(),
            default => $this->endOfWord(),
        };
        $text = substr($this->buffer, 0, $end);
        $this->at = $end;

        return $text;
    }

    private function endOfNested(): int
    {
        $at = $depth = 0;
        do {
            $at = $this->find('"{}[]', $at);
            if ($this->buffer[$at] === '"') {
                $at = $this->endOfText($at);
            } else {
                $depth += in_array($this->buffer[$at], ['{', '['], true) ? 1 : -1;
                $at++;
            }
        } while ($depth > 0);

        return $at;
    }

    private function endOfText(int $from): int
    {
        $at = $from + 1;
        while ($this->buffer[$at = $this->find('"\\', $at)] === '\\') {
            $at += 2;
        }

        return $at + 1;
    }

    private function endOfWord(): int
    {
        $at = $this->find(",}] \t\r\n", 0);

        return $at > 0 ? $at : throw self::broken();
    }

    /** Where one of these signs is next, reading on where need be. */
    private function find(string $signs, int $from): int
    {
        $at = $from;
        while (true) {
            $at += strcspn($this->buffer, $signs, $at);
            if ($at < strlen($this->buffer)) {
                return $at;
            }
            if (! $this->more()) {
                throw self::broken();
            }
        }
    }

    private function more(): bool
    {
        if (strlen($this->buffer) - $this->at > self::MOST_VALUE) {
            throw Unreadable::because(__('one value in the file is larger than :n MB', ['n' => self::MOST_VALUE / 1_000_000]));
        }
        $read = (string) fread($this->file, self::CHUNK);
        $this->buffer .= $read;

        return $read !== '';
    }

    private static function broken(): Unreadable
    {
        return Unreadable::because(__('the file is not the JSON of a whole operation'));
    }
}
