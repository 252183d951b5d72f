<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Models\BoxPlace;
use App\Models\Colony;
use App\Models\Hive;
use Illuminate\Validation\ValidationException;

/** What happens to bees acts: one that dies or is united ends, a split begins one, in a new hive or an empty one. */
final readonly class LifeEvents
{
    public function __construct(private NewHive $hives)
    {
    }

    /**
     * @param  string  $other  code of the hive that a split goes into (none: a new one) or that takes a united colony
     *
     * @throws ValidationException when the other hive cannot be that
     */
    public function happened(Hive $hive, string $kind, string $on, ?string $note, string $other): void
    {
        // Two things at once happen to it one after the other.
        $hive->claim(null);
        $colony = $this->colony($hive, $kind, $on);
        $this->note($colony, $hive, $kind, $on, $note);
        match ($kind) {
            'died' => $colony->update(['ended_on' => $on]),
            'united' => $this->unite($colony, $hive, $on, $this->hive($other)),
            'split' => $this->split($colony, $hive, $on, $other),
            default => null,
        };
    }

    /** Bees come to live in a hive that had none. */
    public function settle(Hive $hive, string $on): Colony
    {
        $colony = $this->begin($hive, $on);
        $this->note($colony, $hive, 'settled', $on, null);

        return $colony;
    }

    private function colony(Hive $hive, string $kind, string $on): Colony
    {
        $living = $hive->load(['colony', 'colonies'])->colony;
        if ($living === null && $hive->isEmpty() && $kind !== 'settled') {
            throw ValidationException::withMessages([
                'kind' => __('No colony lives in :hive. First note that one has settled.', ['hive' => $hive->code]),
            ]);
        }
        if ($living !== null && $kind === 'settled' && $hive->colonies->count() > 1) {
            throw ValidationException::withMessages([
                'kind' => __('A colony lives in :hive already.', ['hive' => $hive->code]),
            ]);
        }
        if ($living !== null && $living->started_on->format('Y-m-d') > $on && $hive->colonies->count() > 1) {
            throw ValidationException::withMessages([
                'happened_on' => __('This colony has lived here since :day only.', [
                    'day' => $living->started_on->format('Y-m-d'),
                ]),
            ]);
        }

        return $living ?? $this->begin($hive, $on);
    }

    private function unite(Colony $colony, Hive $hive, string $on, ?Hive $with): void
    {
        $stays = $with?->colony;
        if ($stays === null || $stays->is($colony)) {
            throw ValidationException::withMessages([
                'other' => __('Enter the code of the other hive; it needs a colony.'),
            ]);
        }
        $colony->update(['ended_on' => $on]);
        $this->note($stays, $with, 'united', $on, __('with the colony of :hive', ['hive' => $hive->code]));
    }

    private function split(Colony $colony, Hive $hive, string $on, string $other): void
    {
        $into = trim($other) === '' ? $this->newHive($hive) : $this->hive($other);
        if ($into === null || $into->is($hive) || ! ($into->isEmpty() || trim($other) === '')) {
            throw ValidationException::withMessages([
                'other' => __('A split goes into an empty hive. Enter its code, or leave it empty for a new hive.'),
            ]);
        }
        $begun = $this->begin($into, $on);
        $this->note($begun, $into, 'split', $on, __('from :hive', ['hive' => $hive->code]));
    }

    /** One brood box of the kind that its mother has, in the same yard. */
    private function newHive(Hive $hive): Hive
    {
        $hive->load(['stand.apiary', 'places.box']);
        $brood = $hive->places->first(static fn (BoxPlace $place): bool => $place->role === 'brood');
        $kind = $brood->box->kind ?? 'langstroth-deep-10';

        $made = $this->hives->make($hive->stand->apiary, 1, $kind, 0, $kind, isSettled: false);

        return $made->load(['colony', 'colonies']);
    }

    private function hive(string $code): ?Hive
    {
        return Hive::query()
            ->where('code', mb_strtoupper(trim($code)))
            ->with(['colony', 'colonies', 'stand.apiary'])
            ->first();
    }

    private function begin(Hive $hive, string $on): Colony
    {
        return Colony::query()->create(['hive_id' => $hive->id, 'started_on' => $on]);
    }

    private function note(Colony $colony, Hive $hive, string $kind, string $on, ?string $note): void
    {
        $colony
            ->facts()
            ->create([
                'kind' => $kind,
                'happened_on' => $on,
                'hive_id' => $hive->id,
                'queen_id' => $colony->queen_id,
                'note' => $note,
            ]);
    }
}
