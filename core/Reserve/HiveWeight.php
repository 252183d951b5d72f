<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;

/**
 * Stores from the weight of a hive: what it weighs less what it would weigh without them.
 *
 * Tare (common practice): the boxes with their drawn combs, floor and roof 7 kg, 0.25 kg of bees on a frame that they
 * cover, 1.0 kg of pollen. A side lifted by a hook scale carries half of the hive, more or less: combs and brood are
 * not even, so one side lifted twice is good to about 8 %, both sides summed to 3 %. The tare's error is common to two
 * weighings of the same hive; the reading's is not.
 */
final readonly class HiveWeight
{
    public const FLOOR_AND_ROOF_KG = 7.0;

    public const BEES_KG_PER_FRAME = 0.25;

    public const POLLEN_KG = 1.0;

    private const RELATIVE_SD = ['whole' => 0.005, 'both-sides' => 0.03, 'one-side' => 0.08];

    private function __construct(
        public float $grossKg,
        public float $tareKg,
        public float $storesKg,
        public float $sdKg,
        public float $readingSdKg,
    ) {
    }

    /**
     * @param  'whole'|'both-sides'|'one-side'  $how  whole: one reading; both-sides: left and right, summed; one-side:
     *                                                two readings of one side, their mean doubled
     * @param  non-empty-list<float>  $readingsKg
     * @param  list<float>  $emptyBoxesKg  of the boxes that stand there, with drawn combs
     *
     * @throws InvalidInput when a mass is out of range, or a weighing has not the readings it needs
     */
    public static function of(string $how, array $readingsKg, array $emptyBoxesKg, float $framesOfBees): self
    {
        if ($emptyBoxesKg === []) {
            throw InvalidInput::because('The hive has no box.', 'one box or more', '/boxes');
        }
        $wanted = $how === 'whole' ? 1 : 2;
        if (count($readingsKg) !== $wanted) {
            throw InvalidInput::because(
                $wanted === 1 ? 'This way of weighing needs one reading.' : 'This way of weighing needs two readings.',
                (string) $wanted,
                '/readings',
            );
        }
        foreach ($readingsKg as $i => $reading) {
            InvalidInput::unlessWithin($reading, 0.5, 300.0, 'The weight', "/readings/$i");
        }
        InvalidInput::unlessWithin($framesOfBees, 0.5, 40.0, 'The frames of bees', '/frames_of_bees');
        $gross = array_sum($readingsKg);
        $tare =
            array_sum($emptyBoxesKg) +
            self::FLOOR_AND_ROOF_KG +
            self::BEES_KG_PER_FRAME * $framesOfBees +
            self::POLLEN_KG;
        if ($gross < 0.6 * $tare) {
            throw InvalidInput::because(
                'A hive of these boxes weighs about :tare_kg without stores; :gross_kg is too little.',
                sprintf('%.0f kg and more', 0.6 * $tare),
                '/readings',
                ['tare_kg' => round($tare), 'gross_kg' => round($gross)],
            );
        }
        $tareSd = sqrt(count($emptyBoxesKg) * 0.5 ** 2 + 1.0 ** 2 + (0.08 * $framesOfBees) ** 2 + 0.6 ** 2);

        return new self(
            $gross,
            $tare,
            max(0.0, $gross - $tare),
            sqrt((self::RELATIVE_SD[$how] * $gross) ** 2 + $tareSd ** 2),
            self::RELATIVE_SD[$how] * $gross,
        );
    }
}
