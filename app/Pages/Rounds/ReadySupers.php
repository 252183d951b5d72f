<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Hives\JudgedSuper;
use App\Models\Apiary;
use App\Models\Schedules\AskedDates;
use App\Models\Schedules\AskedHive;

/** Supers of one yard that come in together, and between which days. */
final readonly class ReadySupers
{
    private const LATER = '-later';

    /**
     * @param  array<string, list<JudgedSuper>>  $byHive  by hive code
     * @param  bool  $later  they are not ripe yet
     */
    public function __construct(
        public Apiary $apiary,
        public array $byHive,
        public bool $later,
        public AskedDates $dates,
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

    /** @return list<JudgedSuper> */
    public function supers(): array
    {
        return array_merge([], ...array_values($this->byHive));
    }

    public function kg(): float
    {
        return array_sum(array_map(static fn (JudgedSuper $one): float => $one->honey->kg, $this->supers()));
    }

    /** Both in one go, when the later ones are ripe. */
    public function with(self $later): self
    {
        $byHive = $this->byHive;
        foreach ($later->byHive as $code => $supers) {
            $byHive[$code] = [...$byHive[$code] ?? [], ...$supers];
        }

        return new self($this->apiary, $byHive, false, $later->dates);
    }

    public function on(AskedDates $dates): self
    {
        return new self($this->apiary, $this->byHive, $this->later, $dates);
    }

    /** Bees leave neither by a board nor by fumes where there is brood above. */
    public function hasBrood(): bool
    {
        return array_filter($this->supers(), static fn (JudgedSuper $one): bool => $one->hasBrood) !== [];
    }

    /** @return list<AskedHive> */
    public function hives(): array
    {
        $id = static fn (JudgedSuper $one): string => $one->id;
        $hives = [];
        foreach ($this->byHive as $code => $supers) {
            $hives[] = new AskedHive($supers[0]->hiveId, (string) $code, array_map($id, $supers));
        }

        return $hives;
    }
}
