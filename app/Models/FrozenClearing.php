<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\StoredValue;
use Marjoram\Core\Json\Fields;

/** The advice at the time when a clearing was saved: reasons for the method, cautions, verdicts of its supers. */
final readonly class FrozenClearing implements StoredValue
{
    /**
     * @param  list<string>  $cautions
     * @param  array<string, TakenVerdict>  $verdicts  by the id of the box
     */
    public function __construct(
        public string $reason = '',
        public float $beesLeftPerSuper = 0.0,
        public array $cautions = [],
        public array $verdicts = [],
    ) {
    }

    public static function from(Fields $stored): static
    {
        return new self(
            $stored->text('reason'),
            $stored->number('bees_left_per_super'),
            $stored->texts('cautions'),
            array_map(TakenVerdict::from(...), $stored->keyed('verdicts')),
        );
    }

    /**
     * Returns the same with the verdicts of added supers.
     *
     * @param  array<string, TakenVerdict>  $verdicts  by the id of the box
     */
    public function with(array $verdicts): self
    {
        return new self($this->reason, $this->beesLeftPerSuper, $this->cautions, $verdicts + $this->verdicts);
    }

    /** The frozen verdict of a super. */
    public function verdictOf(string $boxId): TakenVerdict
    {
        return $this->verdicts[$boxId] ?? new TakenVerdict;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'reason' => $this->reason,
            'bees_left_per_super' => $this->beesLeftPerSuper,
            'cautions' => $this->cautions,
            'verdicts' => array_map(static fn (TakenVerdict $one): array => $one->toArray(), $this->verdicts),
        ];
    }
}
