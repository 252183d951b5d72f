<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Marjoram\Core\Comb\CombAssumptions;

/** Honey in a volume of comb, with the factors learnt from weighings for each kind of box. */
final readonly class FillPolicy
{
    private const USUAL_SD = 0.12;

    /**
     * @param  float  $capped  share of the volume of capped comb, 0 to 1
     * @param  float  $open  the same of open comb
     * @param  array<string, KindFactor>  $factors  by kind
     */
    public function __construct(public float $capped, public float $open, private array $factors)
    {
    }

    public static function from(PolicyValues $values): self
    {
        $factors = [];
        foreach ($values->group('fill_factors') as $kind => $own) {
            $factor = KindFactor::from($own);
            if ($factor !== null) {
                $factors[(string) $kind] = $factor;
            }
        }

        return new self($values->number(PolicyOption::FillCapped), $values->number(PolicyOption::FillOpen), $factors);
    }

    /** Factor on the estimated fill of a kind of box, and its relative standard deviation. */
    public function factorOf(?string $kind): KindFactor
    {
        return $this->factors[$kind ?? ''] ?? new KindFactor(1.0, self::USUAL_SD);
    }

    public function comb(?string $kind = null): CombAssumptions
    {
        $own = $this->factorOf($kind);

        return new CombAssumptions(
            fillCapped: min(1.0, $own->factor * $this->capped),
            fillOpen: min(1.0, $own->factor * $this->open),
            boxRelativeSd: $own->sd,
        );
    }

    /** The same without the learnt factors. */
    public function presumed(): CombAssumptions
    {
        return new CombAssumptions(fillCapped: $this->capped, fillOpen: $this->open);
    }
}
