<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

/** The words of one line, each with its column; `;` and a comma before a blank only part them. */
final class NoteWords
{
    private const WORD = '/"[^"]*"?|\([^)]*\)?|[^\s;]+/u';

    /** @var list<array{string, int}> word and column */
    private array $words = [];

    private int $at = 0;

    public function __construct(string $line)
    {
        preg_match_all(self::WORD, $line, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$word, $byte]) {
            $isQuoted = $word[0] === '"' || $word[0] === '(';
            $bare = $isQuoted ? $word : rtrim($word, ',');
            if ($bare !== '') {
                $this->words[] = [$bare, mb_strlen(substr($line, 0, $byte)) + 1];
            }
        }
    }

    public function isAtEnd(): bool
    {
        return $this->at >= count($this->words);
    }

    public function word(): string
    {
        return $this->words[$this->at][0] ?? '';
    }

    /** Of the word that is next; after the last one, the place where one is missing. */
    public function column(): int
    {
        $last = $this->words[count($this->words) - 1] ?? ['', 0];

        return $this->words[$this->at][1] ?? $last[1] + mb_strlen($last[0]) + 1;
    }

    public function take(): string
    {
        $word = $this->word();
        $this->at++;

        return $word;
    }
}
