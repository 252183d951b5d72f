<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\StoredValue;
use Marjoram\Core\Json\Fields;

/**
 * A verdict at the moment when a person acted on it: its figures, its reasons, the fill used for its kilograms, and
 * the honey on each frame. Only FrozenVerdict makes one.
 */
final readonly class TakenVerdict implements StoredValue
{
    private const PRESUMED_CAPPED_SHARE = 0.8;

    public function __construct(private Fields $figures = new Fields([]))
    {
    }

    public static function from(Fields $stored): static
    {
        return new self($stored);
    }

    public function honeyKg(): float
    {
        return $this->figures->number('honey_kg');
    }

    /** Fill of capped comb used for the kilograms, 0 to 1, as learnt then for this kind of box. */
    public function fill(float $default): float
    {
        $factor = $this->figures->number('fill_factor');
        $capped = $this->figures->number('fill_capped');

        return ($factor > 0.0 ? $factor : 1.0) * ($capped > 0.0 ? $capped : $default);
    }

    /** How much of its honey is capped, 0 to 1. */
    public function cappedShare(): float
    {
        return max(0.0, min(1.0, $this->figures->number('capped_share', self::PRESUMED_CAPPED_SHARE)));
    }

    /** @return array<int, array{float, float}> shares with honey of both faces, by slot; none where nobody knows */
    public function faces(): array
    {
        $faces = [];
        foreach ($this->figures->part('faces')->all() as $slot => $face) {
            $of = Fields::of($face);
            $faces[(int) $slot] = [$of->number('0'), $of->number('1')];
        }

        return $faces;
    }

    /** The kind or state of its comb, where it was noted. */
    public function comb(): ?string
    {
        return $this->figures->part('comb')->text('comb') ?: null;
    }

    /** The year in which its comb was drawn, where it was noted. */
    public function combYear(): ?int
    {
        return $this->figures->part('comb')->whole('year') ?: null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        /** @var array<string, mixed> */
        return $this->figures->all();
    }
}
