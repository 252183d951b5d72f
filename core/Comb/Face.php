<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use JsonSerializable;
use Marjoram\Core\InvalidInput;

/**
 * One side of a comb: the shares of its area that are capped honey, open honey, brood and pollen; the rest is empty.
 *
 * A keeper who says "four tenths capped" says nothing of the rest: then the rest is not stated, and may be open or empty.
 */
final readonly class Face implements JsonSerializable
{
    private const SLACK = 1.0001;

    /** Less than this left over is no rest: such a face is stated. */
    private const LEAST_REST = 0.02;

    /**
     * @param  bool  $restStated  whether somebody said what is neither capped nor brood nor pollen: open, or empty
     *
     * @throws InvalidInput when a share is outside 0 to 1 or their sum is over 1
     */
    public function __construct(
        public float $capped = 0.0,
        public float $open = 0.0,
        public float $brood = 0.0,
        public float $pollen = 0.0,
        public bool $restStated = true,
    ) {
        foreach (['capped' => $capped, 'open' => $open, 'brood' => $brood, 'pollen' => $pollen] as $name => $share) {
            if (! is_finite($share) || $share < 0.0 || $share > self::SLACK) {
                throw InvalidInput::outOfRange("The share of $name", $share, '0 to 1', "/$name");
            }
        }
        $sum = $capped + $open + $brood + $pollen;
        if ($sum > self::SLACK) {
            throw InvalidInput::outOfRange('The sum of the shares of a face', $sum, '0 to 1');
        }
    }

    public function empty(): float
    {
        return max(0.0, 1.0 - $this->capped - $this->open - $this->brood - $this->pollen);
    }

    /** Whether it is known how much of it is open: it was said, or next to nothing is left to say. */
    public function saysOpen(): bool
    {
        return $this->restStated || $this->empty() < self::LEAST_REST;
    }

    /** Open honey and empty cells together. */
    public function rest(): float
    {
        return min(1.0, $this->open + $this->empty());
    }

    /** Open and empty cells as this says, or both unknown. */
    public function withRest(?float $open): self
    {
        return new self($this->capped, $open ?? 0.0, $this->brood, $this->pollen, $open !== null);
    }

    public function honey(): float
    {
        return $this->capped + $this->open;
    }

    /** @param  callable(Content): float  $share */
    public static function of(callable $share, bool $restStated = true): self
    {
        return new self(
            $share(Content::Capped),
            $share(Content::Open),
            $share(Content::Brood),
            $share(Content::Pollen),
            $restStated,
        );
    }

    public function share(Content $content): float
    {
        return match ($content) {
            Content::Capped => $this->capped,
            Content::Open => $this->open,
            Content::Pollen => $this->pollen,
            Content::Brood => $this->brood,
        };
    }

    /** @return array<string, ?float> by content; open is null where nobody stated the rest */
    public function jsonSerialize(): array
    {
        $shares = [];
        foreach (Content::cases() as $content) {
            $isKnown = $this->restStated || $content !== Content::Open;
            $shares[$content->value] = $isKnown ? $this->share($content) : null;
        }

        return $shares;
    }

    /** The mean of two faces, as one. */
    public function meanWith(self $other): self
    {
        return self::of(
            fn (Content $content): float => 0.5 * ($this->share($content) + $other->share($content)),
            $this->restStated && $other->restStated,
        );
    }
}
