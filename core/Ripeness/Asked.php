<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What a super must show under the policy: how much of it capped, and whether its water is asked for. */
final readonly class Asked
{
    /** Without a refractometer water cannot be asked for: then at least nine tenths are capped (common practice). */
    private const CAPPED_WITHOUT_READING = 0.9;

    private function __construct(public float $cappedShare, public bool $water, public bool $withoutRefractometer)
    {
    }

    public static function of(Super $super, RipenessPolicy $policy): self
    {
        if (! $policy->school->asksForWater()) {
            return new self($policy->cappedShareNeeded(), false, false);
        }
        if (! $super->hasRefractometer && $super->readings === []) {
            return self::without($policy);
        }

        return new self($policy->cappedShareNeeded(), true, false);
    }

    /** The same where a school asks for water and nobody can read it. */
    public static function without(RipenessPolicy $policy): self
    {
        return new self(max(self::CAPPED_WITHOUT_READING, $policy->cappedMin), false, true);
    }
}
