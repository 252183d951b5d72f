<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/** How comb area becomes honey (common practice; corrected by an operation's own weighings). */
final readonly class CombAssumptions
{
    /**
     * @param  float  $passageMm  bee space between two combs
     * @param  float  $fillCapped  share of the comb's volume that is honey where capped
     * @param  float  $fillOpen  the same where open
     * @param  float  $boxRelativeSd  relative standard deviation of the fill, common to a box
     * @param  float  $faceRelativeSd  relative standard deviation of painting, each face on its own
     * @param  float  $superKgPerMm  that a super holds for each millimetre of its height (16 kg in a medium of ten)
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public float $passageMm = 6.5,
        public float $fillCapped = 0.7,
        public float $fillOpen = 0.35,
        public float $boxRelativeSd = 0.12,
        public float $faceRelativeSd = 0.1,
        public float $superKgPerMm = 0.095,
    ) {
        InvalidInput::unlessWithin($passageMm, 0.0, 20.0, 'The passage', '/passage_mm');
        InvalidInput::unlessWithin($fillCapped, 0.05, 1.0, 'The fill of capped comb', '/fill_capped');
        InvalidInput::unlessWithin($fillOpen, 0.0, 1.0, 'The fill of open comb', '/fill_open');
        InvalidInput::unlessWithin($boxRelativeSd, 0.0, 1.0, 'The spread of the fill', '/box_relative_sd');
        InvalidInput::unlessWithin($faceRelativeSd, 0.0, 1.0, 'The spread of painting', '/face_relative_sd');
    }
}
