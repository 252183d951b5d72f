<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/**
 * The three rules of the average system for jars that were filled by weight (Council Directive 76/211/EEC, Annex I):
 * the mean is not below the nominal quantity; few are short by more than the tolerable negative error; none by more
 * than twice it. Of a handful of jars it is a count, no proof: the local inspector says how many a lot asks for.
 */
final readonly class Prepack
{
    /** At most this share may be short by more than the tolerable error. */
    private const MOST_SHORT = 0.025;

    /** Nominal quantity up to (g), tolerable error in % or in g (Annex I, 2.4; from memory). */
    private const TOLERABLE = [
        [50.0, 9.0, null],
        [100.0, null, 4.5],
        [200.0, 4.5, null],
        [300.0, null, 9.0],
        [500.0, 3.0, null],
        [1000.0, null, 15.0],
        [10000.0, 1.5, null],
    ];

    /**
     * @param  float  $nominalG  5 to 10,000
     * @param  list<float>  $weightsG  net, one or more
     *
     * @throws InvalidInput when there are none, or a value is out of range
     */
    public function check(float $nominalG, array $weightsG): PrepackResult
    {
        $tolerable = self::tolerableErrorG($nominalG);
        if ($weightsG === []) {
            throw InvalidInput::because('A check needs weights.', 'one or more', '/weights_g');
        }
        foreach ($weightsG as $i => $weight) {
            InvalidInput::unlessWithin($weight, 0.0, 20000.0, 'The weight', "/weights_g/$i");
        }
        $shortBy = static fn (float $error): int => count(array_filter(
            $weightsG,
            static fn (float $weight): bool => $weight < $nominalG - $error,
        ));

        return new PrepackResult(
            count($weightsG),
            array_sum($weightsG) / count($weightsG),
            $nominalG,
            $tolerable,
            $shortBy($tolerable),
            $shortBy(2.0 * $tolerable),
            (int) floor(self::MOST_SHORT * count($weightsG)),
        );
    }

    /** g; percentages are rounded up to a tenth of a gram, as the directive asks. */
    public static function tolerableErrorG(float $nominalG): float
    {
        InvalidInput::unlessWithin($nominalG, 5.0, 10000.0, 'The nominal quantity', '/nominal_g');
        foreach (self::TOLERABLE as [$upTo, $percent, $grams]) {
            if ($nominalG <= $upTo) {
                return $grams ?? ceil(round($nominalG * $percent / 10.0, 6)) / 10.0;
            }
        }

        return 150.0;
    }
}
