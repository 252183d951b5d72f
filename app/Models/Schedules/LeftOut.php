<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use DateTimeImmutable;
use Marjoram\Core\Json\Fields;

/** Supers of a yard that a schedule does not hold, and why. */
final readonly class LeftOut
{
    /**
     * @param  ?DateTimeImmutable  $ripe  about when they would be
     * @param  ?DateTimeImmutable  $offBy  when they must be off for treatment
     */
    public function __construct(
        public LeftOutReason $reason,
        public string $yard,
        public int $supers,
        public ?DateTimeImmutable $ripe = null,
        public ?DateTimeImmutable $offBy = null,
    ) {
    }

    public static function from(Fields $stored): ?self
    {
        $reason = LeftOutReason::tryFrom($stored->text('reason'));

        return $reason === null ? null : new self(
            $reason,
            $stored->text('yard'),
            $stored->whole('supers'),
            $stored->day('ripe'),
            $stored->day('off_by'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'reason' => $this->reason->value,
            'yard' => $this->yard,
            'supers' => $this->supers,
            'ripe' => $this->ripe?->format('Y-m-d'),
            'off_by' => $this->offBy?->format('Y-m-d'),
        ];
    }
}
