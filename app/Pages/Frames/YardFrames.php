<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Models\Apiary;

/** The frames of the chosen hives of a yard, and which of them come off. */
final readonly class YardFrames
{
    /**
     * @param  list<HiveOffer>  $hives
     * @param  list<string>  $all  codes of all hives that have boxes
     * @param  list<FrameOffer>  $chosen  in the order of the hands
     */
    public function __construct(
        public Apiary $apiary,
        public array $hives,
        public array $all,
        public array $chosen,
        public bool $flowOn,
    ) {
    }

    public function isChosen(FrameOffer $frame): bool
    {
        return in_array($frame, $this->chosen, true);
    }

    public function isOpen(string $code): bool
    {
        return array_filter($this->hives, static fn (HiveOffer $one): bool => $one->hive->code === $code) !== [];
    }

    /** @return list<FrameOffer> */
    public function of(HiveOffer $hive): array
    {
        return array_values(array_filter(
            $this->chosen,
            static fn (FrameOffer $one): bool => $one->hive === $hive->hive->code,
        ));
    }

    public function kg(?HiveOffer $hive = null): float
    {
        $frames = $hive === null ? $this->chosen : $this->of($hive);

        return array_sum(array_map(static fn (FrameOffer $one): float => $one->held->honey->kg, $frames));
    }

    /** @return list<string> ids of the chosen frames */
    public function ids(): array
    {
        return array_map(static fn (FrameOffer $one): string => $one->id, $this->chosen);
    }
}
