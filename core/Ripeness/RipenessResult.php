<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Statement;

/** The verdict on a super, with everything it rests on. */
final readonly class RipenessResult
{
    /**
     * @param  float  $cappedNeeded  capped share that is asked for, 0 to 1
     * @param  ?NextStep  $next  the look that pays most; null where none does
     * @param  array<int, bool>  $ripe  by slot: ripe by itself under the policy
     * @param  list<Statement>  $reasons  of Reasons
     * @param  list<Statement>  $cautions  of TakingCautions
     */
    public function __construct(
        public Verdict $verdict,
        public float $pPolicyMet,
        public float $pCapped,
        public float $cappedNeeded,
        public BoxEstimate $box,
        public WaterEstimate $water,
        public ?NextStep $next,
        public ?int $waitDays,
        public array $ripe,
        public array $reasons,
        public array $cautions,
    ) {
    }

    /** kg that would be misjudged on average if one decided now. */
    public function kgInDoubt(): float
    {
        return $this->box->honey->kg * min($this->pPolicyMet, 1.0 - $this->pPolicyMet);
    }

    /** kg of honey that the next look decides better, for each minute that it takes; 0 where none pays. */
    public function kgAMinute(): float
    {
        return $this->next?->kgAMinute() ?? 0.0;
    }
}
