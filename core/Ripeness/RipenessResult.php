<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Statement;

/** The verdict on a super, with everything it rests on. */
final readonly class RipenessResult
{
    /**
     * @param  int|'reading'|null  $lookNext  the slot to pull, a reading, or nothing
     * @param  array<int, bool>  $ripe  by slot: ripe by itself under the policy
     * @param  list<Statement>  $reasons  of Reasons
     * @param  list<Statement>  $cautions  of TakingCautions
     */
    public function __construct(
        public Verdict $verdict,
        public float $pPolicyMet,
        public BoxEstimate $box,
        public WaterEstimate $water,
        public int|string|null $lookNext,
        public ?int $waitDays,
        public array $ripe,
        public array $reasons,
        public array $cautions,
    ) {
    }

    /**
     * What a look at this super is worth: the kg that would be misjudged on average if one decided now.
     *
     * @param  float  $honeyKg  honey of the super
     */
    public function kgInDoubt(float $honeyKg): float
    {
        return $honeyKg * min($this->pPolicyMet, 1.0 - $this->pPolicyMet);
    }
}
