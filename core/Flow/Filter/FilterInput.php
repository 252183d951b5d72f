<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\ScaleStep;

/** All data up to now, assigned to days. */
final readonly class FilterInput
{
    /** How well the calendar knows the day on which the flow begins: scale of a logistic, days (common practice). */
    private const FIRST_FLOW_DAYS = 7.0;

    /**
     * @param  list<Interval>  $intervals
     * @param  list<ScaleStep>  $steps  shown by readings close together
     * @param  list<SignNote>  $notes
     * @param  array<int, FlightDay>  $weather  by day
     * @param  ?int  $firstFlow  day on which the flow begins as a rule
     */
    private function __construct(
        public int $first,
        public int $today,
        public array $intervals,
        public array $steps,
        public array $notes,
        public array $weather,
        private ?int $firstFlow,
    ) {
    }

    /**
     * @param  list<ScaleReading>  $readings
     * @param  list<LoggedHandling>  $logged
     * @param  array<string, FlightDay>  $weather  by date
     * @param  list<Evidence>  $evidence
     */
    public static function upTo(
        DateTimeImmutable $now,
        DateTimeZone $zone,
        array $readings,
        array $logged,
        array $weather,
        array $evidence,
        ?DateTimeImmutable $firstFlow = null,
    ): self {
        $today = LocalDay::number($now, $zone);
        $isPast = static fn (ScaleReading|LoggedHandling|Evidence $one): bool => $one->at <= $now;
        $logged = array_values(array_filter($logged, $isPast));
        $close = CloseReadings::of(self::inOrder(array_filter($readings, $isPast)), $logged);
        $intervals = (new Intervals($zone))->of($close->weights, $logged, $today);
        $notes = [];
        foreach (array_filter($evidence, $isPast) as $one) {
            $day = LocalDay::number($one->at, $zone);
            if ($day >= $today - Intervals::BACK_DAYS) {
                $notes[] = new SignNote($one->sign, $one->result, $day);
            }
        }
        $days = [];
        foreach ($weather as $date => $day) {
            $days[LocalDay::ofDate((string) $date)] = $day;
        }
        $begins = [
            ...array_map(static fn (Interval $one): int => $one->first, $intervals),
            ...array_map(static fn (SignNote $one): int => $one->day, $notes),
            $today,
        ];

        return new self(
            min($begins),
            $today,
            $intervals,
            $close->steps,
            SignNote::weighed($notes),
            $days,
            $firstFlow === null ? null : LocalDay::number($firstFlow, $zone),
        );
    }

    /** Returns the same days without some of the data. */
    public function without(?callable $interval = null, ?callable $note = null, bool $weather = false): self
    {
        return new self(
            $this->first,
            $this->today,
            $interval === null ? $this->intervals : array_values(array_filter($this->intervals, $interval)),
            $this->steps,
            $note === null ? $this->notes : array_values(array_filter($this->notes, $note)),
            $weather ? [] : $this->weather,
            $this->firstFlow,
        );
    }

    /** @param  float  $unnotedADay  how likely a handling is that nobody notes */
    public function likelihoods(float $unnotedADay): DayLikelihoods
    {
        $likely = new DayLikelihoods($this->first, $this->today, $this->weather, $unnotedADay);
        $likely->addScale($this->intervals);
        $likely->addWeather();
        $likely->addSigns($this->notes);

        return $likely;
    }

    /** How likely it is by the calendar that the flow had not begun on the first day; null where nobody knows. */
    public function notBegun(): ?float
    {
        return $this->firstFlow === null
            ? null
            : 1.0 / (1.0 + exp(($this->first - $this->firstFlow) / self::FIRST_FLOW_DAYS));
    }

    /** The last day with a weight; long ago if there is no weight. */
    public function lastWeighed(): int
    {
        return max([
            PHP_INT_MIN,
            ...array_map(static fn (Interval $one): int => $one->last(), $this->intervals),
        ]);
    }

    /** kg a day, of the last five gains of the last eight days; 0 if there is no gain. */
    public function meanGain(): float
    {
        $gains = array_filter(
            $this->intervals,
            fn (Interval $one): bool => $one->days === 1 && $one->first > $this->today - 8,
        );
        $last = array_slice(array_map(static fn (Interval $one): float => $one->kg, $gains), -5);

        return $last === [] ? 0.0 : array_sum($last) / count($last);
    }

    /**
     * Keeps the last reading of each instant.
     *
     * @param  array<int, ScaleReading>  $readings
     * @return list<ScaleReading>
     */
    private static function inOrder(array $readings): array
    {
        $byInstant = [];
        foreach ($readings as $one) {
            $byInstant[$one->at->getTimestamp()] = $one;
        }
        ksort($byInstant);

        return array_values($byInstant);
    }
}
