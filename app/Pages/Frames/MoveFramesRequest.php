<?php

declare(strict_types=1);

namespace App\Pages\Frames;

/** Frames that go somewhere else than into the honey room. */
final class MoveFramesRequest extends ChosenFramesRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['to' => ['required', 'string', 'max:30']];
    }

    /** "store", "cull", or the mark of a box. */
    public function to(): string
    {
        return $this->string('to')->trim()->toString();
    }
}
