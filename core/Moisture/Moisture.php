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
     * The mean is weighted by mass when every reading has one. Its spread joins the readings' own with
     * the presumed one (inverse chi-square prior): a t distribution with v0 + k - 1 degrees of freedom.
     *
     * @param  list<Reading>  $readings  at least one; all with a mass or none
     * @param  float  $limitPct  the policy's limit, 10 to 30
     *
     * @throws InvalidInput when there is no reading, masses are mixed, or a reading is out of range
     */
    public function of(array $readings, float $limitPct = 18.0, bool $heather = false): MoistureResult
    {
        if ($readings === []) {
            throw InvalidInput::because('There is no reading.', 'one reading or more', '/readings');
        }
        InvalidInput::unlessWithin($limitPct, 10.0, 30.0, 'The limit', '/limit_pct');
        $converted = $this->convertAll($readings);
        $water = array_map(static fn (ConvertedReading $reading): float => $reading->waterPct, $converted);
        $mean = self::mean($water, self::masses($readings));
        $freedom = $this->assumptions->priorWeight + count($water) - 1;
        $sd = sqrt(
            ($this->assumptions->priorWeight * $this->assumptions->priorSdPct ** 2 + self::scatter($water, $mean)) /
                $freedom,
        );

        return new MoistureResult($converted, $mean, $sd, $freedom, $limitPct, $heather);
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
     * @return list<float>
     */
    private static function masses(array $readings): array
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

        return $known;
    }

    /**
     * @param  non-empty-list<float>  $values
     * @param  list<float>  $weights
     */
    private static function mean(array $values, array $weights): float
    {
        if ($weights === []) {
            return array_sum($values) / count($values);
        }
        $sum = 0.0;
        foreach ($values as $i => $value) {
            $sum += $weights[$i] * $value;
        }

        return $sum / array_sum($weights);
    }

    /** @param  list<float>  $values */
    private static function scatter(array $values, float $mean): float
    {
        return array_sum(array_map(static fn (float $value): float => ($value - $mean) ** 2, $values));
    }
}
