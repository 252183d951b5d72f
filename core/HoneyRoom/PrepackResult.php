<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** Jars that were weighed against what is written on them. */
final readonly class PrepackResult
{
    public function __construct(
        public int $jars,
        public float $meanG,
        public float $nominalG,
        public float $tolerableG,
        public int $short,
        public int $twiceShort,
        public int $mayBeShort,
    ) {
    }

    /** @return list<PrepackRule> that are broken */
    public function broken(): array
    {
        $isBroken = static fn (self $result, PrepackRule $rule): bool => match ($rule) {
            PrepackRule::Mean => $result->meanG < $result->nominalG - 1e-9,
            PrepackRule::Short => $result->short > $result->mayBeShort,
            PrepackRule::TwiceShort => $result->twiceShort > 0,
        };

        return array_values(array_filter(
            PrepackRule::cases(),
            fn (PrepackRule $rule): bool => $isBroken($this, $rule),
        ));
    }

    public function passes(): bool
    {
        return $this->broken() === [];
    }
}
