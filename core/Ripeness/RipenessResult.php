<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** The verdict on a super, with everything it rests on. */
final readonly class RipenessResult
{
    /**
     * @param  int|'reading'|null  $lookNext  the slot to pull, a reading, or nothing
     * @param  array<int, bool>  $ripe  by slot: ripe by itself under the policy
     * @param  list<array{Reason, list<string>}>  $reasons  with the figures of their sentences
     * @param  list<string>  $cautions
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

    /** @return list<string> */
    public function sentences(): array
    {
        return array_map(static fn (array $reason): string => $reason[0]->sentence(...$reason[1]), $this->reasons);
    }
}
