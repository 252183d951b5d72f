<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

/** What could be read of a text of short notes, and every word of it that could not. */
final readonly class NoteResult
{
    /**
     * @param  list<NoteLine>  $lines
     * @param  list<NoteError>  $errors
     */
    public function __construct(public array $lines, public array $errors)
    {
    }
}
