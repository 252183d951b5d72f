<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Apiary;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Way;

/**
 * Puts the question of a plan together from what the yards have today: days with their weather, batches with their
 * dates, drives and kit. It is kept with the plan as it was asked.
 *
 * @phpstan-type Settings array{days: int, crew_min: list<int>, truck_supers: int, hold_supers: int, held_supers: int, extract_supers: int, split: bool, days_off?: list<string>, later?: string, yards?: array<string, array{in?: bool, ready?: string, off_by?: string}>}
 */
final readonly class QuestionReader
{
    public function __construct(
        private CurrentOperation $current,
        private BatchReader $batches,
        private \App\YardState\Drives $drives,
    ) {
    }

    /**
     * @param  Settings  $settings  crew_min by weekday, Monday first
     * @return array{asked_on: string, days: list<array<string, mixed>>, yards: list<array<string, mixed>>, left: list<string>, travel: list<list<float>>, kit: array<string, mixed>, depot: array{float, float}}
     *
     * @throws ValidationException when a day set by hand cannot be, or there is more than one plan can hold
     */
    public function ask(array $settings): array
    {
        $dates = $this->dates($settings['days']);
        [$batches, $left] = $this->batches(
            $settings['days'],
            $settings['later'] ?? BatchReader::OWN,
            $settings['yards'] ?? [],
        );
        if (count($batches) > RoundsQuestion::MOST_YARDS) {
            throw ValidationException::withMessages([
                'later' => __(
                    'One plan holds :most visits to yards and :n would come in: leave some out, or let what is to wait stay out of this plan.',
                    ['most' => RoundsQuestion::MOST_YARDS, 'n' => count($batches)],
                ),
            ]);
        }
        $places = array_map(static fn (Batch $batch): Apiary => $batch->apiary, $batches);
        $skies = $places === [] ? [] : \App\YardState\Weather\WeatherAhead::of($places, $dates);
        $kit = $this->current->get()->kit ?? [];

        return [
            'asked_on' => $this->current->today()->format('Y-m-d'),
            'days' => $this->days($dates, array_values($skies), $settings, $batches),
            'yards' => array_map(
                fn (Batch $batch): array => $this->yard($batch, $dates, $skies[$batch->apiary->id]),
                $batches,
            ),
            'left' => $left,
            'travel' => $this->drives->minutes($places),
            'depot' => $this->drives->depot(),
            'kit' => [
                'escape_boards' => $kit['escape_boards'] ?? 0,
                'fume_boards' => $kit['fume_boards'] ?? 0,
                'blower' => $kit['blower'] ?? false,
            ],
        ];
    }

    /**
     * What is to come in within so many days.
     *
     * @param  array<string, array{in?: bool, ready?: string, off_by?: string}>  $byHand  by batch
     * @return array{list<Batch>, list<string>}
     */
    public function batches(int $days, string $later, array $byHand = []): array
    {
        $dates = array_map(
            static fn (string $date): DateTimeImmutable => new DateTimeImmutable($date),
            $this->dates($days),
        );
        [$batches, $left] = $this->batches->of($dates[0], $dates[count($dates) - 1], $later);
        $chosen = [];
        foreach ($batches as $batch) {
            $set = $byHand[$batch->id()] ?? [];
            if ($set['in'] ?? true) {
                $chosen[] = self::set($batch, $set, $dates[0]);
            }
        }

        return [$chosen, $left];
    }

    /** @param  array{in?: bool, ready?: string, off_by?: string}  $set */
    private static function set(Batch $batch, array $set, DateTimeImmutable $first): Batch
    {
        $ready = isset($set['ready']) ? max($first, new DateTimeImmutable($set['ready'])) : $batch->ready;
        $offBy = isset($set['off_by'])
            ? max($first, new DateTimeImmutable($set['off_by']))
            : max($batch->offBy, $ready);
        if ($offBy < $ready) {
            throw ValidationException::withMessages([
                'yards.'.$batch->id().'.off_by' => __(
                    ':yard is ready on :ready; it cannot be off by :off. Set a later day, or an earlier one to be ready.',
                    ['yard' => $batch->name(), 'ready' => $ready->format('Y-m-d'), 'off' => $offBy->format('Y-m-d')],
                ),
            ]);
        }
        $byHand = isset($set['off_by']) && $set['off_by'] !== $batch->offBy->format('Y-m-d');

        return new Batch(
            $batch->apiary,
            $batch->byHive,
            $batch->later,
            $ready,
            $offBy,
            $byHand ? 'hand' : $batch->why,
            $batch->treatment,
            $batch->flowEnds,
        );
    }

    /**
     * @param  list<string>  $dates
     * @param  list<array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool}>  $skies
     * @return array<string, mixed>
     */
    private function yard(Batch $batch, array $dates, array $skies): array
    {
        $ways = \App\Wording\MethodNames::ways(Policy::at($this->current, $batch->apiary)->text('clearing'));
        if ($batch->hasBrood()) {
            $ways = array_values(
                array_filter($ways, static fn (Way $way): bool => $way === Way::Brush || $way === Way::Blower),
            ) ?: [Way::Brush];
        }
        $yard = $batch->apiary;
        $own = array_map(
            static fn (string $date, array $sky): array => [
                round($sky['max_c'], 1),
                round($sky['rain_p'], 2),
                $batch->flowEnds !== null && $date >= $batch->flowEnds,
            ],
            $dates,
            $skies,
        );
        $byHive = array_map(
            static fn (string|int $code, array $boxes): array => [
                'hive' => $boxes[0]->hiveId,
                'code' => (string) $code,
                'boxes' => array_map(static fn (ComingSuper $super): string => $super->boxId, $boxes),
            ],
            array_keys($batch->byHive),
            $batch->byHive,
        );

        return [
            'id' => $batch->id(),
            'apiary' => $yard->id,
            'name' => $batch->name(),
            'place' => $yard->name,
            'slug' => $yard->slug,
            'letter' => $yard->letter,
            'latitude' => $yard->latitude,
            'longitude' => $yard->longitude,
            'later' => $batch->later,
            'hives' => count($batch->byHive),
            'supers' => count($batch->boxes()),
            'kg' => round($batch->kg(), 1),
            'by_hive' => $byHive,
            'ready' => $batch->ready->format('Y-m-d'),
            'deadline' => $batch->offBy->format('Y-m-d'),
            'why' => $batch->why,
            'treatment' => $batch->treatment,
            'flow_ends' => $batch->flowEnds,
            'ways' => array_map(static fn (Way $way): string => $way->value, $ways),
            'skies' => $own,
        ];
    }

    /** @return non-empty-list<string> the days of a plan */
    public function dates(int $days): array
    {
        $first = $this->current->firstDayAhead();

        return array_map(
            static fn (int $i): string => $first->modify("+$i days")->format('Y-m-d'),
            range(0, max(1, $days) - 1),
        );
    }

    /**
     * @param  list<string>  $dates
     * @param  list<list<array{min_c: float, max_c: float, rain_p: float, sun: float, known: bool}>>  $skies  by yard
     * @param  Settings  $settings
     * @param  list<Batch>  $batches
     * @return list<array<string, mixed>>
     */
    private function days(array $dates, array $skies, array $settings, array $batches): array
    {
        $days = [];
        foreach ($dates as $i => $date) {
            $over = array_column($skies, $i);
            if ($over === []) {
                break;
            }
            $mean = \App\YardState\Weather\WeatherAhead::mean($over);
            $crew = in_array($date, $settings['days_off'] ?? [], true)
                ? 0
                : $settings['crew_min'][(int) (new DateTimeImmutable($date))->format('N') - 1] ?? 0;
            $dearth = array_filter(
                $batches,
                static fn (Batch $batch): bool => $batch->flowEnds !== null && $date >= $batch->flowEnds,
            );
            $days[] = [
                'date' => $date,
                'crew_min' => $crew,
                'min_c' => $mean['min_c'],
                'max_c' => $mean['max_c'],
                'rain_p' => $mean['rain_p'],
                'sun' => $mean['sun'],
                'dearth' => count($dearth) === count($batches),
                'extract_supers' => $crew > 0 ? $settings['extract_supers'] : 0,
                'presumed' => ! $mean['known'],
            ];
        }

        return $days;
    }
}
