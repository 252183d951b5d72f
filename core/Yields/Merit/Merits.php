<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** What the records say of queens. */
final readonly class Merits
{
    /**
     * @param  float  $queens  variance between queens; 0 where no difference between them can be seen
     * @param  float  $rest  variance of what is left
     * @param  float  $criterion  minus twice the logarithm of the restricted likelihood
     * @param  array<array-key, float>  $fixed  what a swarm, a split cost (below zero), of those that can be told
     * @param  list<string>  $dropped  of them, those that cannot be told from yards and years
     * @param  float  $skewness  of the residuals
     * @param  float  $jacobian  what makes the criteria of both scales comparable: density of kg
     * @param  list<QueenMerit>  $all  every queen of the records and the pedigree, the best first
     */
    public function __construct(
        public YieldScale $scale,
        public float $queens,
        public float $rest,
        public float $criterion,
        public array $fixed,
        public array $dropped,
        public float $skewness,
        public float $jacobian,
        public array $all,
    ) {
    }

    /** Share of what differs between two seasons of the same yard that is the queen. */
    public function repeatability(): float
    {
        return $this->queens + $this->rest > 0.0 ? $this->queens / ($this->queens + $this->rest) : 0.0;
    }

    /** Which of two scales the yields are likelier on (as G. Box and D. Cox 1964 choose a transformation). */
    public function isLikelierThan(self $other): bool
    {
        return $this->criterion + $this->jacobian < $other->criterion + $other->jacobian;
    }

    public function isAnyDifferenceSeen(): bool
    {
        return $this->queens > 0.0;
    }
}
