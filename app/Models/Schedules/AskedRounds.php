<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use App\Models\Casts\StoredValue;
use DateTimeImmutable;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\CrewMinutes;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Visit;

/** The question of a schedule as it was asked: days, yards, drives and kit of that day. */
final readonly class AskedRounds implements StoredValue
{
    /**
     * @param  list<AskedDay>  $days
     * @param  list<AskedYard>  $yards
     * @param  list<LeftOut>  $left
     * @param  list<list<float>>  $travel  minutes, the honey room first
     * @param  ?Point  $depot  the honey room; null where it is in the middle of the yards
     */
    public function __construct(
        public ?DateTimeImmutable $askedOn,
        public array $days,
        public array $yards,
        public array $left,
        public array $travel,
        public Kit $kit,
        public int $crew,
        public ?Point $depot,
    ) {
    }

    public static function from(Fields $stored): static
    {
        $kit = $stored->part('kit');
        $depot = $stored->numbers('depot');
        $travel = $stored->all()['travel'] ?? [];

        return new self(
            $stored->day('asked_on'),
            array_map(AskedDay::from(...), $stored->parts('days')),
            array_map(AskedYard::from(...), $stored->parts('yards')),
            array_values(array_filter(array_map(LeftOut::from(...), $stored->parts('left')))),
            array_map(
                static fn (int|string $row): array => Fields::of($travel)->numbers((string) $row),
                array_keys(is_array($travel) ? $travel : []),
            ),
            new Kit($kit->whole('escape_boards'), $kit->whole('fume_boards'), $kit->flag('blower')),
            max(1, $stored->whole('crew', 2)),
            count($depot) === 2 ? new Point($depot[0], $depot[1]) : null,
        );
    }

    public function yard(string $id): ?AskedYard
    {
        foreach ($this->yards as $yard) {
            if ($yard->id === $id) {
                return $yard;
            }
        }

        return null;
    }

    public function nameOf(string $yard): string
    {
        return $this->yard($yard)->name ?? $yard;
    }

    public function firstDay(): ?AskedDay
    {
        return $this->days[0] ?? null;
    }

    /** @return list<string> as Y-m-d */
    public function dates(): array
    {
        return array_map(static fn (AskedDay $day): string => $day->date(), $this->days);
    }

    public function presumesWeather(): bool
    {
        return array_filter($this->days, static fn (AskedDay $day): bool => $day->presumed) !== [];
    }

    /** @param  list<Visit>  $locks */
    public function toCore(ScheduleSettings $settings, array $locks = []): RoundsQuestion
    {
        return new RoundsQuestion(
            array_map(static fn (AskedDay $day) => $day->workDay(), $this->days),
            array_map(static fn (AskedYard $yard) => $yard->toFetch(), $this->yards),
            Travel::of($this->travel, count($this->yards) + 1),
            $this->kit,
            $settings->capacity,
            $settings->split,
            CrewMinutes::of(crew: $this->crew),
            locks: $locks,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'asked_on' => $this->askedOn?->format('Y-m-d'),
            'days' => array_map(static fn (AskedDay $day): array => $day->toArray(), $this->days),
            'yards' => array_map(static fn (AskedYard $yard): array => $yard->toArray(), $this->yards),
            'left' => array_map(static fn (LeftOut $one): array => $one->toArray(), $this->left),
            'travel' => $this->travel,
            'kit' => [
                'escape_boards' => $this->kit->escapeBoards,
                'fume_boards' => $this->kit->fumeBoards,
                'blower' => $this->kit->blower,
            ],
            'crew' => $this->crew,
            'depot' => $this->depot === null ? null : [$this->depot->latitude, $this->depot->longitude],
        ];
    }
}
