<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Apiary;
use DateTimeImmutable;

/** Supers of one yard that come in together, and between which days. */
final readonly class Batch
{
    public const LATER = '-later';

    /**
     * @param  array<string, list<ComingSuper>>  $byHive  by hive code
     * @param  bool  $later  they are not ripe yet
     * @param  DateTimeImmutable  $ready  the first day on which they may be worked
     * @param  DateTimeImmutable  $offBy  the last day on which they should come in
     * @param  'treatment'|'flow'|'plan'|'hand'  $why  what sets that day; "plan": nothing but the plan's end
     * @param  ?string  $treatment  supers off by, as Y-m-d
     * @param  ?string  $flowEnds  as Y-m-d
     */
    public function __construct(
        public Apiary $apiary,
        public array $byHive,
        public bool $later,
        public DateTimeImmutable $ready,
        public DateTimeImmutable $offBy,
        public string $why,
        public ?string $treatment = null,
        public ?string $flowEnds = null,
    ) {
    }

    public function id(): string
    {
        return $this->apiary->id.($this->later ? self::LATER : '');
    }

    public function name(): string
    {
        return $this->later ? __(':yard, later', ['yard' => $this->apiary->name]) : $this->apiary->name;
    }

    /** @return list<ComingSuper> */
    public function boxes(): array
    {
        return array_merge([], ...array_values($this->byHive));
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (ComingSuper $super): float => $super->kg, $this->boxes()));
    }

    /** Both in one go, when the later ones are ripe. */
    public function with(self $later): self
    {
        $byHive = $this->byHive;
        foreach ($later->byHive as $code => $boxes) {
            $byHive[$code] = [...$byHive[$code] ?? [], ...$boxes];
        }

        return new self(
            $this->apiary,
            $byHive,
            false,
            $later->ready,
            $later->offBy,
            $later->why,
            $this->treatment,
            $this->flowEnds,
        );
    }

    /**
     * Bees leave neither by a board nor by fumes where there is brood above.
     */
    public function hasBrood(): bool
    {
        return array_filter($this->boxes(), static fn (ComingSuper $super): bool => $super->hasBrood) !== [];
    }

    public function reason(): string
    {
        return self::reasonOf($this->why);
    }

    /** What sets the day by which supers should be off. */
    public static function reasonOf(string $why): string
    {
        return match ($why) {
            'treatment' => __('treatment'),
            'flow' => __('end of the flow'),
            'hand' => __('set by hand'),
            default => __('end of the plan'),
        };
    }
}
