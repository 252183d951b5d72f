<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use DateTimeImmutable;
use Marjoram\Core\Json\Fields;

/** What a person has set for one yard of a schedule, over what would be calculated. */
final readonly class ByHand
{
    public function __construct(
        public bool $in = true,
        public ?DateTimeImmutable $ready = null,
        public ?DateTimeImmutable $offBy = null,
    ) {
    }

    public static function from(Fields $stored): self
    {
        return new self($stored->flag('in', true), $stored->day('ready'), $stored->day('off_by'));
    }

    /** @return array<string, bool|string> */
    public function toArray(): array
    {
        return array_filter(
            [
                'in' => $this->in,
                'ready' => $this->ready?->format('Y-m-d'),
                'off_by' => $this->offBy?->format('Y-m-d'),
            ],
            static fn (bool|string|null $value): bool => $value !== null,
        );
    }
}
