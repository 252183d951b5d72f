<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardState;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use Illuminate\Support\Collection;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Lifting\LiftResult;

/** What is done for one clearing when the truck stands in its yard. */
final readonly class YardVisit
{
    /**
     * @param  string  $day  Y-m-d
     * @param  bool  $places  boards go on; else supers come in
     * @param  array<string, Collection<int, ClearingSuper>>  $byHive  by code
     * @param  array<string, LiftResult>  $lifts  by box id
     */
    public function __construct(
        public Clearing $clearing,
        public string $day,
        public bool $places,
        public YardState $yard,
        public array $byHive,
        private array $lifts,
    ) {
    }

    /** Frames that come off here where they are taken one by one. */
    public function ripeFrames(): int
    {
        $ripe = 0;
        foreach ($this->takesFrames() ? $this->clearing->items : [] as $super) {
            $ripe += count(array_filter($this->box($super)->ripeness->ripe ?? []));
        }

        return $ripe;
    }

    public function takesFrames(): bool
    {
        return $this->clearing->method === Method::ByFrame;
    }

    public function box(ClearingSuper $super): ?BoxState
    {
        return $this->yard->hive($super->hive->code)?->box($super->box_id);
    }

    /** What lifting it asks, where it is beyond one back. */
    public function lift(ClearingSuper $super): ?LiftResult
    {
        $lift = $this->lifts[$super->box_id] ?? null;

        return $lift?->isBeyondOneBack() === true ? $lift : null;
    }

    /** Bees and boxes stand as they stood: no board was put on before this visit. */
    public function isFirst(): bool
    {
        return $this->places || $this->clearing->second_on === null;
    }

    /**
     * What was planned ahead and is not ripe by what is known today: to be looked at before the bees are driven out.
     *
     * @return list<BoxState>
     */
    public function toLookAt(string $hive): array
    {
        $boxes = [];
        foreach ($this->isFirst() ? $this->byHive[$hive] ?? [] : [] as $super) {
            $box = $super->collected_at === null ? $this->box($super) : null;
            if ($box !== null && ! $box->comesOff()) {
                $boxes[] = $box;
            }
        }

        return $boxes;
    }

    /** Its board is on, or itself on the truck. */
    public function isTicked(ClearingSuper $super): bool
    {
        return $this->places
            ? Clearing::hasBoard($this->byHive[$super->hive->code] ?? new Collection)
            : $super->collected_at !== null;
    }

    /** Somebody ticked a part of it. */
    public function hasTicks(): bool
    {
        return $this->clearing->items->contains(fn (ClearingSuper $super): bool => $this->isTicked($super));
    }

    /** @return list<ClearingSuper> hive by hive, from the top */
    public function supers(): array
    {
        $sorted = [];
        foreach ($this->byHive as $items) {
            $number = fn (ClearingSuper $super): int => $this->box($super)->number ?? 0;
            $sorted = [...$sorted, ...$items->sortByDesc($number)->values()->all()];
        }

        return $sorted;
    }

    /** What a super is called: its hive and its place there, while it stands there. */
    public function nameOf(ClearingSuper $super): string
    {
        return $super->hive->code.' '.($this->box($super)?->name() ?? $super->box->mark);
    }

    /** Supers come off a hive on which no board went before, though boards were to go on. */
    public function hasNoBoard(string $hive): bool
    {
        return ! $this->places && $this->clearing->method->takesTwoVisits()
            && $this->clearing->hasBoardOn()
            && isset($this->byHive[$hive]) && ! Clearing::hasBoard($this->byHive[$hive]);
    }

    /** Nothing is left to be ticked. */
    public function isDone(): bool
    {
        return $this->places
            ? $this->clearing->boardsAreOn()
            : $this->clearing->items->every(fn (ClearingSuper $super): bool => $super->collected_at !== null);
    }

    /** It was said that it is finished, whatever was done. */
    public function isFinished(): bool
    {
        return $this->clearing->isFinishedOn($this->day);
    }
}
