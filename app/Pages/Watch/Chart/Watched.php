<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Apiary\Flow\YardFlow;
use App\Models\Bloom;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marjoram\Core\Flow\Filter\FlightDay;

/** All that the chart of a yard draws. */
final readonly class Watched
{
    /**
     * @param  list<WeightLine>  $lines  of the hives on scales, that with the most days first; none for a whole season
     * @param  int  $readings  in the window
     * @param  array<int, array<string, ?float>>  $seasons  gains by season and date, the newest first
     * @param  array<string, FlightDay>  $weather  by date
     * @param  array<string, float>  $warmest  highest temperature by date
     * @param  Collection<int, Bloom>  $blooms  of this season at the yard
     */
    public function __construct(
        public Window $window,
        public DateTimeImmutable $now,
        public YardFlow $flow,
        public array $lines,
        public int $readings,
        public array $seasons,
        public array $weather,
        public array $warmest,
        public Collection $blooms,
    ) {
    }

    /** Where nothing was ever weighed there is nothing to draw. */
    public function isEmpty(): bool
    {
        return $this->readings === 0 && array_filter($this->seasons) === [] && $this->flow->gains() === [];
    }

    /** @return array<string, ?float> of the season that is shown */
    public function gains(): array
    {
        $known = $this->seasons[$this->window->season] ?? [];
        foreach ($this->flow->gains() as $date => $gain) {
            $known[$date] = $gain ?? $known[$date] ?? null;
        }

        return array_filter($known, fn (string $date): bool => $date >= $this->window->from->format('Y-m-d')
            && $date < $this->window->to->format('Y-m-d'), ARRAY_FILTER_USE_KEY);
    }
}
