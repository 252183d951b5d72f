<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use DateTimeImmutable;
use Marjoram\Core\Json\Fields;

/** The days between which supers should come in, and the reason for the last one. */
final readonly class AskedDates
{
    public function __construct(
        public DateTimeImmutable $ready,
        public DateTimeImmutable $offBy,
        public DeadlineReason $why,
        public ?DateTimeImmutable $treatment = null,
        public ?DateTimeImmutable $flowEnds = null,
    ) {
    }

    public static function from(Fields $stored): self
    {
        $ready = $stored->day('ready') ?? new DateTimeImmutable('2000-01-01');
        $treatment = $stored->day('treatment');
        $why = $treatment === null ? DeadlineReason::LastDay : DeadlineReason::Treatment;

        return new self(
            $ready,
            max($ready, $stored->day('deadline') ?? $ready),
            DeadlineReason::tryFrom($stored->text('why')) ?? $why,
            $treatment,
            $stored->day('flow_ends'),
        );
    }

    /** The same with other days. */
    public function between(DateTimeImmutable $ready, DateTimeImmutable $offBy, ?DeadlineReason $why = null): self
    {
        return new self($ready, $offBy, $why ?? $this->why, $this->treatment, $this->flowEnds);
    }

    public function isDearthOn(DateTimeImmutable $day): bool
    {
        return $this->flowEnds !== null && $day->format('Y-m-d') >= $this->flowEnds->format('Y-m-d');
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'ready' => $this->ready->format('Y-m-d'),
            'deadline' => $this->offBy->format('Y-m-d'),
            'why' => $this->why->value,
            'treatment' => $this->treatment?->format('Y-m-d'),
            'flow_ends' => $this->flowEnds?->format('Y-m-d'),
        ];
    }
}
