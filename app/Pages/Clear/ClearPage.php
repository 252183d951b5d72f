<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Drawing\Picture;
use App\Models\Clearing;
use App\Models\ClearingState;

/** What comes off over all yards, where these are few. */
final readonly class ClearPage
{
    /** @param  list<YardClearing>  $yards */
    public function __construct(public array $yards, private MethodChart $chart)
    {
    }

    public function supers(): int
    {
        return array_sum(array_map(static fn (YardClearing $one): int => count($one->coming->supers()), $this->yards));
    }

    /** Supers in clearings that are not collected. */
    public function planned(): int
    {
        return array_sum(array_map(static fn (Clearing $one): int => $one->items->count(), $this->clearings()));
    }

    public function chart(YardClearing $clearing): Picture
    {
        return $this->chart->of($clearing);
    }

    public function hasClearings(): bool
    {
        return $this->clearings() !== [];
    }

    /** @return list<Clearing> those whose boards are on */
    public function placed(): array
    {
        $placed = static fn (Clearing $one): bool => $one->state === ClearingState::Placed;

        return array_values(array_filter($this->clearings(), $placed));
    }

    /** @return list<Clearing> */
    private function clearings(): array
    {
        return array_merge([], ...array_map(
            static fn (YardClearing $one): array => $one->coming->clearings,
            $this->yards,
        ));
    }
}
