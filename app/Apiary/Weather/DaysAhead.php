<?php

declare(strict_types=1);

namespace App\Apiary\Weather;

use App\Models\Apiary;
use App\Models\WeatherDay;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Collection;

/** The weather that is stored for a yard, from today on, and how old it is. */
final readonly class DaysAhead
{
    private const SHOWN = 21;

    private const STALE_DAYS = 2;

    /** @param  Collection<int, WeatherDay>  $days */
    private function __construct(
        public Apiary $apiary,
        public Collection $days,
        public ?DateTimeInterface $fetched,
        private DateTimeImmutable $today,
    ) {
    }

    public static function of(Apiary $apiary, DateTimeImmutable $today): self
    {
        $days = WeatherDay::query()
            ->where('apiary_id', $apiary->id)
            ->where('date', '>=', $today->format('Y-m-d'))
            ->orderBy('date')
            ->limit(self::SHOWN)
            ->get();
        $fetched = $days->where('source', '!=', WeatherDay::OWN)->max('updated_at');

        return new self($apiary, $days, $fetched instanceof DateTimeInterface ? $fetched : null, $today);
    }

    public function isStale(): bool
    {
        return $this->fetched !== null
            && $this->today->getTimestamp() - $this->fetched->getTimestamp() > self::STALE_DAYS * 86400;
    }
}
