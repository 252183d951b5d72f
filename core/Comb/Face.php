<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/**
 * One side of a comb: the shares of its area that are capped honey, open honey, brood and pollen; the rest is empty.
 */
final readonly class Face
{
    private const SLACK = 1.0001;

    /** @throws InvalidInput when a share is outside 0 to 1 or their sum is over 1 */
    public function __construct(
        public float $capped = 0.0,
        public float $open = 0.0,
        public float $brood = 0.0,
        public float $pollen = 0.0,
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

    public function honey(): float
    {
        return $this->capped + $this->open;
    }

    /** @param  callable(Content): float  $share */
    public static function of(callable $share): self
    {
        return new self(
            $share(Content::Capped),
            $share(Content::Open),
            $share(Content::Brood),
            $share(Content::Pollen),
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

    /** The mean of two faces, as one. */
    public function meanWith(self $other): self
    {
        return self::of(fn (Content $content): float => 0.5 * ($this->share($content) + $other->share($content)));
    }
}
