<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\HoneyUse;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Support\Collection;

/** The supers and frames of a lot, by where they stand. */
final readonly class LotStack
{
    /** @var array<int, Station> where each of the supers stands, read once: it is asked for a dozen times a page */
    private array $stations;

    /** @param  Collection<int, TakenSuper>  $supers */
    public function __construct(public Lot $lot, public Collection $supers)
    {
        $this->stations = $supers->map(static fn (TakenSuper $one): Station => $one->station)->all();
    }

    /** @return Collection<int, TakenSuper> */
    public function at(Station ...$stations): Collection
    {
        return $this->supers
            ->filter(fn (TakenSuper $one, int $i): bool => in_array($this->stations[$i], $stations, true))
            ->values();
    }

    /** @return Collection<int, TakenSuper> full, in the honey room, and for the extractor */
    public function toSpin(): Collection
    {
        return $this->at(Station::Door, Station::Dry)
            ->filter(static fn (TakenSuper $one): bool => $one->used_for === HoneyUse::Extract)
            ->values();
    }

    /** Some have come and some have not: the page asks about them. */
    public function isShort(): bool
    {
        return $this->at(Station::Awaited)->isNotEmpty()
            && $this->at(Station::Awaited, Station::Missing)->count() < $this->supers->count();
    }

    public function awaited(): int
    {
        return $this->at(Station::Awaited)->count();
    }

    /** @return Collection<int, TakenSuper> not here yet, or here and full */
    public function onTheWay(): Collection
    {
        return $this->at(Station::Awaited, Station::Missing, Station::Door, Station::Dry);
    }

    /** Whole supers; frames go back by their own marks. */
    public function wetSupers(): int
    {
        return $this->at(Station::Spun, Station::Cleaning)
            ->reject(static fn (TakenSuper $one): bool => $one->isFrame())
            ->count();
    }

    /** How many have not left the bench. */
    public function onBench(): int
    {
        return $this->supers->filter(static fn (TakenSuper $one): bool => $one->isOnTheBench())->count();
    }

    public function judgedKg(): float
    {
        return (float) $this->onTheWay()->sum('estimate_kg');
    }
}
