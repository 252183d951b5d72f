<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use Marjoram\Core\Notes\NoteError;

/** A text of short notes as it was understood, with every word that was not. */
final readonly class NotePreview
{
    /**
     * @param  list<NotedLine>  $lines
     * @param  list<NoteError>  $errors
     * @param  list<string>  $text  its lines
     */
    public function __construct(public array $lines, public array $errors, private array $text)
    {
    }

    public function isEmpty(): bool
    {
        return $this->lines === [] && $this->errors === [];
    }

    /** @return array{string, string, string} the line of an error: before the word, the word, after it */
    public function around(NoteError $error): array
    {
        $line = $this->text[$error->line - 1] ?? '';

        return [
            mb_substr($line, 0, $error->column - 1),
            mb_substr($line, $error->column - 1, $error->length),
            mb_substr($line, $error->column - 1 + $error->length),
        ];
    }
}
