<?php

declare(strict_types=1);

namespace App\Pages\Assess;

/** A frame in the painter's row of frames. */
final readonly class PainterSlot
{
    public function __construct(public int $slot, public bool $seen, public bool $glanced)
    {
    }

    public function label(): string
    {
        $how = match (true) {
            $this->glanced => ', '.__('copied from another frame'),
            $this->seen => '',
            default => ', '.__('not inspected'),
        };

        return __('Frame :n', ['n' => $this->slot]).$how;
    }
}
