<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

/** The versions of frames that one batch made: a later tap of it on the same frame follows from them. */
final class FrameVersions
{
    /** @var array<string, int> by box and slot */
    private array $known = [];

    public function learn(string $box, int $slot, int $version): void
    {
        $this->known["$box/$slot"] = $version;
    }

    public function of(Tap $tap): ?int
    {
        return $this->known["$tap->on/{$tap->slot()}"] ?? $tap->version;
    }
}
