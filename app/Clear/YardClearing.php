<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\YardState\BoxState;
use App\YardState\HiveState;
use App\YardState\YardState;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MethodOutcome;
use Marjoram\Core\Lifting\LiftResult;
use Marjoram\Core\Ripeness\BoxHoney;

/** What comes off one yard, how, and when. */
final readonly class YardClearing
{
    /**
     * @param  array<string, list<BoxState>>  $coming  supers coming off by hive code
     * @param  list<MethodOutcome>  $methods  best first
     * @param  list<DayForecast>  $forecast
     * @param  array<string, LiftResult>  $lifts  by box id
     * @param  list<Clearing>  $plans  not yet collected
     * @param  array<string, list<BoxState>>  $later  supers that are to wait and may come off once they are ripe
     */
    public function __construct(
        public YardState $yard,
        public array $coming,
        public array $methods,
        public string $reason,
        public array $forecast,
        public bool $forecastPresumed,
        public array $lifts,
        public array $plans,
        public ?\DateTimeInterface $offBy,
        public array $later = [],
    ) {
    }

    /** @return list<BoxState> */
    public function supers(): array
    {
        return array_merge([], ...array_values($this->coming));
    }

    /** @return list<string> ids of the boxes that are on a plan already */
    public function planned(): array
    {
        return array_values(
            array_merge(
                [],
                ...array_map(static fn (Clearing $plan): array => $plan->items->pluck('box_id')->all(), $this->plans),
            ),
        );
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (BoxState $box): float => $box->honey->honeyKg, $this->supers()));
    }

    /** What the truck carries: honey and boxes. */
    public function grossKg(): float
    {
        return array_sum(array_map(static fn (BoxState $box): float => $box->honey->grossKg, $this->supers()));
    }

    /** @return array<string, list<BoxState>> by hive code: supers that stay, though some of them are ripe */
    public function staying(): array
    {
        $off = [...array_map(static fn (BoxState $box): string => $box->box->id, $this->supers()), ...$this->planned()];

        return array_filter(
            array_map(
                static fn (HiveState $hive): array => array_values(
                    array_filter(
                        $hive->supers(),
                        static fn (BoxState $box): bool => ! in_array($box->box->id, $off, true),
                    ),
                ),
                $this->yard->hives,
            ),
        );
    }

    public function sdKg(): float
    {
        return BoxHoney::sdOfSum(array_map(static fn (BoxState $box): BoxHoney => $box->honey, $this->supers()));
    }

    public function heaviestKg(): float
    {
        return array_reduce(
            $this->supers(),
            static fn (float $most, BoxState $box): float => max($most, $box->honey->grossKg),
            0.0,
        );
    }

    public function method(string $key): ?MethodOutcome
    {
        foreach ($this->methods as $method) {
            if ($method->method->value === $key) {
                return $method;
            }
        }

        return null;
    }
}
