<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Harvest\LotLedger;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Models\TakenVerdict;
use App\Pages\HoneyRoom\LotStack;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Supers that are on hives by the records, but may have come in unplanned. */
final readonly class OtherBoxes
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private FrozenVerdict $frozen,
    ) {
    }

    /**
     * @param  list<LotStack>  $stacks  that something is on the way of
     * @param  ?Apiary  $apiary  one more yard
     * @return Collection<array-key, Collection<int, BoxPlace>> by yard
     */
    public function of(array $stacks, ?Apiary $apiary = null): Collection
    {
        $yards = array_map(static fn (LotStack $one): string => $one->lot->harvest->apiary_id, $stacks);
        $yards = $apiary === null ? $yards : [...$yards, $apiary->id];

        return BoxPlace::query()
            ->whereNull('until')
            ->where('role', 'super')
            ->whereHas('hive', static fn (Builder $hive) => $hive->whereHas(
                'stand',
                static fn (Builder $stand) => $stand->whereIn('apiary_id', $yards),
            ))
            ->with(['box', 'hive.stand'])
            ->get()
            ->filter(static fn (BoxPlace $one): bool => $one->hive->stand !== null)
            ->sortBy([static fn (BoxPlace $one, BoxPlace $other): int => strnatcmp(
                $one->hive->code.' '.$one->position,
                $other->hive->code.' '.$other->position,
            )])
            ->toBase()
            ->groupBy(static fn (BoxPlace $one): string => $one->hive->stand->apiary_id ?? '');
    }

    /** @throws ValidationException where the box stands on no hive of that yard */
    public function bring(Lot $lot, Box $box, DateTimeImmutable $at): TakenSuper
    {
        $lot->load('harvest.apiary');
        $place = BoxPlace::query()
            ->where('box_id', $box->id)
            ->whereNull('until')
            ->whereHas('hive', static fn (Builder $hive) => $hive->whereHas(
                'stand',
                static fn (Builder $stand) => $stand->where('apiary_id', $lot->harvest->apiary_id),
            ))
            ->with('hive.colony')
            ->lockForUpdate()
            ->first() ?? throw ValidationException::withMessages(['box' => __('Box :mark is on no hive of :yard now.', [
                'mark' => $box->mark,
                'yard' => $lot->harvest->apiary->name,
            ])]);
        $state = $this->yards->hive($lot->harvest->apiary, $place->hive->code)?->box($box->id);
        $place->update(['until' => max($lot->harvest->taken_on, $place->since)->format('Y-m-d')]);
        $super = $lot->harvest->supers()->create([
            'box_id' => $box->id,
            'hive_id' => $place->hive_id,
            'colony_id' => $place->hive->colony?->id,
            'queen_id' => $place->hive->colony?->queen_id,
            'estimate_kg' => round($state->honey->kg ?? 0.0, 3),
            'own_sd_kg' => round($state->honey->ownSdKg ?? 1.0, 3),
            'frozen' => $state === null
                ? new TakenVerdict
                : $this->frozen->super($state, Policy::at($this->current, $lot->harvest->apiary)),
            'station' => Station::Door,
            'arrived_at' => $at,
        ]);
        LotLedger::settle($lot);

        return $super;
    }
}
