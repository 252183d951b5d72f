<?php

declare(strict_types=1);

namespace Marjoram\Core\Moisture;

use Marjoram\Core\InvalidInput;

/** The water of a body of honey from one or more readings. Entry point of the module. */
final readonly class Moisture
{
    private Refractometry $refractometry;

    public function __construct(private MoistureAssumptions $assumptions = new MoistureAssumptions)
    {
        $this->refractometry = new Refractometry;
    }

    /**
     * The mean is weighted by mass when every reading has one, and is then as sure as k = 1 / sum w^2 readings of one
     * mass (Kish 1965): a gram beside a tonne adds nothing. Its spread joins the readings' own with the presumed one
     * (inverse chi-square prior): a t distribution with v0 + k - 1 degrees of freedom.
     *
     * @param  list<Reading>  $readings  at least one; all with a mass or none
     * @param  float  $limitPct  the policy's limit, 10 to 30
     *
     * @throws InvalidInput when there is no reading, masses are mixed, or a reading is out of range
     */
    public function of(array $readings, float $limitPct = 18.0, bool $heather = false): MoistureResult
    {
        if ($readings === []) {
            throw InvalidInput::because('A reading is missing.', 'one reading or more', '/readings');
        }
        InvalidInput::unlessWithin($limitPct, 10.0, 30.0, 'The limit', '/limit_pct');
        $converted = $this->convertAll($readings);
        $water = array_map(static fn (ConvertedReading $reading): float => $reading->waterPct, $converted);
        $weights = self::weights($readings);
        $mean = $scatter = $squares = 0.0;
        foreach ($water as $i => $pct) {
            $mean += $weights[$i] * $pct;
            $squares += $weights[$i] ** 2;
        }
        foreach ($water as $i => $pct) {
            $scatter += $weights[$i] * ($pct - $mean) ** 2;
        }
        $effective = 1.0 / $squares;
        $freedom = $this->assumptions->priorWeight + $effective - 1.0;
        $presumed = $this->assumptions->priorWeight * $this->assumptions->priorSdPct ** 2;
        $sd = sqrt(($presumed + $effective * $scatter) / $freedom);

        return new MoistureResult($converted, $mean, $sd, $freedom, $effective, $limitPct, $heather);
    }

    /**
     * @param  non-empty-list<Reading>  $readings
     * @return non-empty-list<ConvertedReading>
     */
    private function convertAll(array $readings): array
    {
        $converted = [];
        foreach ($readings as $i => $reading) {
            try {
                $converted[] = $this->refractometry->convert($reading);
            } catch (InvalidInput $refusal) {
                throw $refusal->under("/readings/$i");
            }
        }

        return $converted;
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<float> of sum 1
     */
    private static function weights(array $readings): array
    {
        $masses = array_map(static fn (Reading $reading): ?float => $reading->massKg, $readings);
        $known = array_values(array_filter($masses, static fn (?float $mass): bool => $mass !== null));
        if ($known !== [] && count($known) < count($masses)) {
            throw InvalidInput::because(
                'Some readings have a mass and some have none.',
                'a mass for all or for none',
                '/readings',
            );
        }

        $sum = array_sum($known);
        if ($known !== [] && $sum <= 0.0) {
            throw InvalidInput::because('The masses are all zero.', 'a mass above zero', '/readings/0/mass_kg');
        }

        return $known === []
            ? array_fill(0, count($readings), 1.0 / count($readings))
            : array_map(static fn (float $mass): float => $mass / $sum, $known);
    }
}
