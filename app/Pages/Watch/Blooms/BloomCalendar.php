<?php

declare(strict_types=1);

namespace App\Pages\Watch\Blooms;

use App\Apiary\Flow\SeasonGains;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Bloom;
use DateTimeImmutable;
use Illuminate\Support\Collection;

/** Learnt from the operation's own years: of this yard where it knows a plant, else of all its yards. */
final readonly class BloomCalendar
{
    /** Where nobody noted the end of a bloom it is taken to last so long (common practice). */
    private const USUAL_DAYS = 14;

    public function __construct(private SeasonGains $gains, private CurrentOperation $current)
    {
    }

    /** @return list<UsualBloom> in the order of the year */
    public function of(Apiary $apiary): array
    {
        $usual = [];
        $known = Bloom::query()->whereNotNull('began_on')->get()->toBase();
        foreach ($known->groupBy('plant') as $plant => $blooms) {
            $own = $blooms->where('apiary_id', $apiary->id);
            $of = $own->isNotEmpty() ? $own : $blooms;
            $days = $of->map($this->thisSeason(...))->sort()->values();
            $usual[] = new UsualBloom(
                (string) $plant,
                $of->unique('season')->count(),
                $days->firstOrFail(),
                $days->reverse()->firstOrFail(),
                $this->kept($apiary, $own),
                $own->isNotEmpty(),
            );
        }
        usort($usual, static fn (UsualBloom $a, UsualBloom $b): int => $a->earliest <=> $b->earliest);

        return $usual;
    }

    private function thisSeason(Bloom $bloom): DateTimeImmutable
    {
        $years = $this->current->season() - $bloom->season;

        return (new DateTimeImmutable((string) $bloom->began_on?->format('Y-m-d')))->modify("$years years");
    }

    /** @param  Collection<int, Bloom>  $blooms */
    private function kept(Apiary $apiary, Collection $blooms): ?float
    {
        $sums = [];
        foreach ($blooms as $bloom) {
            $from = (string) $bloom->began_on?->format('Y-m-d');
            $to = $bloom->ended_on?->format('Y-m-d')
                ?? (new DateTimeImmutable($from))->modify('+'.self::USUAL_DAYS.' days')->format('Y-m-d');
            $days = array_filter(
                $this->gains->of($apiary, $bloom->season),
                static fn (?float $kg, string $date): bool => $kg !== null && $date >= $from && $date <= $to,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($days !== []) {
                $sums[] = array_sum($days);
            }
        }

        return $sums === [] ? null : array_sum($sums) / count($sums);
    }
}
