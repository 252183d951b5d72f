<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

/** What became of one tap. */
final readonly class TapAnswer
{
    /**
     * @param  'kept'|'conflict'|'refused'|'later'  $state  later: nothing is wrong with it, send it again
     * @param  array<string, mixed>  $theirs  what is stored, where another was there first
     * @param  array<int, int>  $versions  of frames, by slot
     * @param  array<string, string>  $shown  parts of a page that follow from it, where the tap asks for them
     */
    public function __construct(
        public string $id,
        public string $state,
        public string $message = '',
        public array $theirs = [],
        public array $versions = [],
        public array $shown = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'id' => $this->id,
            'state' => $this->state,
            'message' => $this->message,
            'theirs' => $this->theirs === [] ? null : $this->theirs,
            'versions' => (object) $this->versions,
        ] + ($this->shown === [] ? [] : ['shown' => $this->shown]);
    }
}
