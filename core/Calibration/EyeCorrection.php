<?php

declare(strict_types=1);

namespace Marjoram\Core\Calibration;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\InvalidInput;

/**
 * What to add to a person's estimates of capped area, from faces whose share was known.
 *
 * truth - guess = offset + (slope - 1)(guess - 1/2) + error, by ridge regression: offset and slope are drawn towards
 * 0 and 1 as by priors of 0.10 and 0.30 against an error of 0.08 (Hoerl and Kennard 1970), so that a few
 * tries change little.
 */
final readonly class EyeCorrection
{
    private const OFFSET_SD = 0.1;

    private const SLOPE_SD = 0.3;

    private const ERROR_SD = 0.08;

    private const FADES_OVER = 0.1;

    /**
     * @param  float  $offset  to add at a guess of one half
     * @param  float  $slope  1 where the eye neither stretches nor squeezes
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(public float $offset = 0.0, public float $slope = 1.0)
    {
        InvalidInput::unlessWithin($offset, -1.0, 1.0, 'The offset of the eye', '/eye/offset');
        InvalidInput::unlessWithin($slope, 0.0, 3.0, 'The slope of the eye', '/eye/slope');
    }

    /**
     * @param  list<array{float, float}>  $tries  truth and guess, shares 0 to 1
     *
     * @throws InvalidInput when a share is outside 0 to 1
     */
    public static function learn(array $tries): self
    {
        $a11 = (self::ERROR_SD / self::OFFSET_SD) ** 2;
        $a22 = (self::ERROR_SD / self::SLOPE_SD) ** 2;
        $a12 = $b1 = $b2 = 0.0;
        foreach ($tries as $i => [$truth, $guess]) {
            InvalidInput::unlessWithin($truth, 0.0, 1.0, 'The true share', "/tries/$i/truth");
            InvalidInput::unlessWithin($guess, 0.0, 1.0, 'The guessed share', "/tries/$i/guess");
            $x = $guess - 0.5;
            $a11 += 1.0;
            $a12 += $x;
            $a22 += $x * $x;
            $b1 += $truth - $guess;
            $b2 += ($truth - $guess) * $x;
        }
        $det = $a11 * $a22 - $a12 * $a12;

        return new self(
            min(1.0, max(-1.0, ($a22 * $b1 - $a12 * $b2) / $det)),
            min(3.0, max(0.0, 1.0 + ($a11 * $b2 - $a12 * $b1) / $det)),
        );
    }

    /**
     * A share of 0 or 1 stays: a face seen bare or sealed all over is no estimate. Towards either the correction fades
     * over a tenth, so that hardly bare is hardly different from bare.
     */
    public function share(float $guess): float
    {
        $guess = min(1.0, max(0.0, $guess));
        $full = min(1.0, max(0.0, 0.5 + $this->offset + $this->slope * ($guess - 0.5)));
        $how = min(1.0, min($guess, 1.0 - $guess) / self::FADES_OVER);

        return $guess + $how * ($full - $guess);
    }

    /** What was taken for capped and was not is open honey, and the other way round; then empty comb gives or takes. */
    public function face(Face $face): Face
    {
        $room = 1.0 - $face->brood - $face->pollen;
        $capped = max(0.0, min($room, $this->share(min(1.0, $face->capped))));
        $honey = min($room, max($capped, $face->honey()));

        $open = $face->restStated ? max(0.0, $honey - $capped) : 0.0;

        return new Face($capped, $open, $face->brood, $face->pollen, $face->restStated);
    }
}
