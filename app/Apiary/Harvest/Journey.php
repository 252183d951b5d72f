<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;

/**
 * Moves supers and frames through the honey room: refuses what cannot be, keeps the time, and shares the honey of their
 * lots out again.
 */
final readonly class Journey
{
    /** Stations that may follow each one; its own, where more may come to be known of it there. */
    private const NEXT = [
        'awaited' => [Station::Awaited, Station::Door, Station::Missing, Station::Home, Station::Stored],
        'missing' => [Station::Missing, Station::Door, Station::Stored],
        // Not everybody taps that a super was extracted: it may go from here to where empty ones go.
        'door' => [Station::Door, Station::Dry, Station::Spun, Station::Home, Station::Stored],
        'dry' => [Station::Dry, Station::Door, Station::Spun, Station::Home, Station::Stored],
        'spun' => [Station::Home, Station::Cleaning, Station::Stored],
        'cleaning' => [Station::Cleaning, Station::Home, Station::Stored],
        'home' => [],
        // Back to the door where its honey was for another use, and is extracted now.
        'stored' => [Station::Stored, Station::Home, Station::Door],
    ];

    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * Holds supers until this write is done. Their lots come first, here and wherever a lot is settled: or of two who
     * each hold a super and wait for the lot, one would have to give up.
     *
     * @param  array<array-key, mixed>  $ids
     * @param  list<string>  $with  relations that are read too
     * @return Collection<int, TakenSuper>
     */
    public function hold(array $ids, array $with = []): Collection
    {
        $harvests = TakenSuper::query()->whereKey($ids)->pluck('harvest_id');
        Lot::query()->whereIn('harvest_id', $harvests)->orderBy('id')->lockForUpdate()->get();

        return TakenSuper::query()->whereKey($ids)->with($with)->orderBy('id')->lockForUpdate()->get();
    }

    /**
     * @param  iterable<TakenSuper>  $supers  held until this write is done
     * @param  array<string, mixed>  $known  values that come to be known with it
     *
     * @throws ValidationException where one cannot go there from where it is
     */
    public function move(iterable $supers, Station $to, array $known = []): void
    {
        $harvests = [];
        foreach ($supers as $super) {
            if (! in_array($to, self::NEXT[$super->station->value], true)) {
                throw self::refusal($super, $to);
            }
            $super->update([...$known, ...$this->times($super, $to), 'station' => $to]);
            $harvests[] = $super->harvest_id;
        }
        foreach (Lot::query()->whereIn('harvest_id', array_unique($harvests))->orderBy('id')->get() as $lot) {
            LotLedger::settle($lot);
        }
    }

    /** @return array<string, \DateTimeImmutable> */
    private function times(TakenSuper $super, Station $to): array
    {
        return match ($to) {
            Station::Door, Station::Dry => ['arrived_at' => $super->arrived_at ?? $this->current->utc()],
            Station::Spun => ['spun_at' => $super->spun_at ?? $this->current->utc()],
            default => [],
        };
    }

    public static function refusal(TakenSuper $super, Station $to): ValidationException
    {
        $words = ['mark' => $super->loadMissing('box')->name(), 'where' => $super->station->words()];

        return ValidationException::withMessages(['supers' => match (true) {
            $to === Station::Missing => __(':mark is in the honey room: it did come.', $words),
            $super->station->isAway() => __(':mark has not come to the door: tick it there first.', $words),
            default => __(':mark is :where already.', $words),
        }]);
    }
}
