<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Foundation\Units\Formatter;
use Illuminate\Support\Collection;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Yields\Merit\Merits;
use Marjoram\Core\Yields\Merit\YieldScale;

/** The queens of the operation next to each other, as far as the seasons tell. */
final readonly class QueensPage
{
    /**
     * @param  Collection<string, KnownQueen>  $queens  by code, the best first
     * @param  int  $seasons  that are closed
     * @param  float  $meanKg  of all hives and those seasons
     */
    public function __construct(
        public ?Merits $merits,
        public Collection $queens,
        public YieldScale $proposed,
        public int $seasons,
        private float $meanKg,
        private Formatter $format,
    ) {
    }

    /** One season ranks hives by their luck. */
    public function isRanked(): bool
    {
        return $this->merits !== null && $this->merits->isAnyDifferenceSeen() && $this->seasons > 1;
    }

    public function heading(): string
    {
        return match (true) {
            $this->merits === null => __('No season is closed yet'),
            $this->seasons < 2 => __('One season is too little to compare queens'),
            ! $this->merits->isAnyDifferenceSeen() => __('No difference between queens is visible yet'),
            default => __('How much is due to the queen?'),
        };
    }

    public function whyNotRanked(): string
    {
        return $this->seasons < 2
            ? __('One season is as much luck as queen. From two closed seasons on, queens are compared here.')
            : __('A queen\'s own seasons differ as much as the queens do. More seasons, also from earlier notes, may show more.');
    }

    /** @return Collection<string, KnownQueen> those that head a colony and of whom something is known */
    public function living(): Collection
    {
        $known = $this->queens->filter(static fn (KnownQueen $one): bool => $one->merit !== null);
        $living = $known->filter(static fn (KnownQueen $one): bool => $one->isAlive());

        // Where nobody has said which queens live, all that are known stand there.
        return $living->isEmpty() ? $known : $living;
    }

    /** @return Collection<string, Collection<string, KnownQueen>> by line: those with kin that lives */
    public function lines(): Collection
    {
        return $this->queens
            ->groupBy('line', preserveKeys: true)
            ->filter(static fn (Collection $of): bool => $of->contains(
                static fn (KnownQueen $one): bool => $one->isAlive(),
            ))
            ->sortKeys();
    }

    public function kg(float $merit): float
    {
        return $this->merits === null ? $merit : $this->merits->scale->merit($merit, $this->meanKg);
    }

    /** In 9 of 10 cases. */
    public function range(KnownQueen $queen): string
    {
        $merit = $queen->merit;

        return $merit === null ? '' : $this->format->kgBetween(
            $this->kg($merit->merit - Normal::NINETY * $merit->sd),
            $this->kg($merit->merit + Normal::NINETY * $merit->sd),
        );
    }

    /** Bands, no decimals: chances above a half are a little too high. */
    public function chance(float $p): string
    {
        return match (true) {
            $p >= 0.8 => __('very likely'),
            $p >= 0.5 => __('likely'),
            $p >= 0.2 => __('maybe'),
            $p >= 0.05 => __('unlikely'),
            default => __('no'),
        };
    }

    /** What a swarm or a split cost here, kg a hive; as the model sees it. */
    public function cost(string $what): ?float
    {
        $cost = $this->merits->fixed[$what] ?? null;

        return $cost === null || $this->merits === null ? null : -$this->merits->scale->merit($cost, $this->meanKg);
    }
}
