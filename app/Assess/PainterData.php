<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\FrameLook;

/** What the painter needs to begin with: the frame as it is stored, or as it is presumed. */
final readonly class PainterData
{
    private const SHARES = ['capped', 'open', 'brood', 'pollen'];

    /**
     * @param  array<string, array<string, float>>  $faces
     * @param  list<array{slot: int, seen: bool, capped: float}>  $slots
     */
    private function __construct(public array $faces, public bool $seen, public ?string $frameId, public ?int $version, public array $slots)
    {
    }

    public static function of(BoxState $box, int $slot): self
    {
        $look = $box->look->latest;
        $stored = $look === null ? null : FrameLook::query()->where('assessment_id', $look->id)->where('slot', $slot)->first();
        $drawn = $box->slots()[$slot - 1];
        $faces = [];
        foreach (['a', 'b'] as $side) {
            foreach (self::SHARES as $i => $share) {
                // The drawing's order from the top bar is capped, open, pollen, brood.
                $faces[$side][$share] = round($drawn[$side][[0, 1, 3, 2][$i]], 3);
            }
        }

        return new self($faces, $stored !== null, $stored?->id, $stored?->version, array_map(static fn ($one): array => ['slot' => $one->slot, 'seen' => $one->seen,
            'capped' => round($one->cappedShare ?? 0.0, 3)], $box->ripeness->box->slots));
    }
}
