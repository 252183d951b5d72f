<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Hive;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/**
 * Where boxes stand: put on, moved within a stack, to another hive or into store. Brood boxes stay below, supers above.
 */
final class Stacks
{
    /**
     * Puts a box on a hive, and takes it off where it is.
     *
     * @param  ?int  $under  boxes that are to stand below it; null: on top of those of its role
     * @param  ?string  $role  brood or super; null: as it was, so that no super becomes a brood box by a slip
     * @param  string  $day  Y-m-d
     * @param  ?string  $putOn  how a super from store is put on
     */
    public function put(Box $box, Hive $hive, ?int $under, ?string $role, string $day, ?string $putOn = null): BoxPlace
    {
        $hive->claim(null);
        $place = $box->claim(null)->load('place')->place;
        $stack = self::without($this->stack($hive), $box);
        $brood = $stack->where('role', 'brood')->count();
        $role ??= $place->role ?? $box->history()->first()->role ?? 'super';
        $at = $role === 'brood'
            ? min($under ?? $brood, $brood)
            : max(min($under ?? $stack->count(), $stack->count()), $brood);
        if ($place?->hive_id === $hive->id) {
            $place->fill(['role' => $role]);
            $this->order($stack, $place, $at);

            return $place;
        }
        if ($place !== null) {
            $this->end($place, $day);
        } else {
            self::mustNotBeFull($box);
        }
        $new = new BoxPlace([
            'box_id' => $box->id,
            'hive_id' => $hive->id,
            'role' => $role,
            'put_on' => $place === null && $role === 'super' ? $putOn ?? 'empty' : null,
            'since' => $day,
        ]);
        $this->order($stack, $new, $at);

        return $new;
    }

    /** @throws ValidationException where it was ticked as full in the honey room, and nobody has spun it since */
    private static function mustNotBeFull(Box $box): void
    {
        $isFull = TakenSuper::query()
            ->where('box_id', $box->id)
            ->where('slot', 0)
            ->whereIn('station', [Station::Door, Station::Dry])
            ->exists();
        if ($isFull) {
            throw ValidationException::withMessages(['box' => __(
                'Box :mark is full in the honey room. Say there that it was extracted, or given to another hive.',
                ['mark' => $box->mark],
            )]);
        }
    }

    /** Puts a box into store. */
    public function off(Box $box, string $day): BoxPlace
    {
        $place = $box->claim(null)->load('place')->place
            ?? throw ValidationException::withMessages(['box' => __('This box is in store already.')]);
        $this->end($place, $day);

        return $place;
    }

    private function end(BoxPlace $place, string $day): void
    {
        if ($day < $place->since->format('Y-m-d')) {
            throw ValidationException::withMessages([
                'since' => __('The box was put on :day; it cannot come off before that day.', [
                    'day' => $place->since->format('Y-m-d'),
                ]),
            ]);
        }
        $place->update(['until' => $day]);
    }

    /** One place up or down among those of its role. */
    public function step(Box $box, Hive $hive, string $step): void
    {
        $hive->claim(null);
        $stack = $this->stack($hive);
        $place = $stack->firstWhere('box_id', $box->id);
        $at = (int) $stack->search(static fn (BoxPlace $one): bool => $one->box_id === $box->id);
        $other = $stack->get($at + ($step === 'up' ? 1 : -1));
        if ($place === null || $other === null || $other->role !== $place->role) {
            throw ValidationException::withMessages([
                'step' => __('The box cannot go further: brood boxes stay below, supers above.'),
            ]);
        }
        $this->order(self::without($stack, $box), $place, $at + ($step === 'up' ? 1 : -1));
    }

    /**
     * @param  Collection<int, BoxPlace>  $stack
     * @return Collection<int, BoxPlace>
     */
    private static function without(Collection $stack, Box $box): Collection
    {
        return $stack->reject(static fn (BoxPlace $one): bool => $one->box_id === $box->id)->values();
    }

    /** @return Collection<int, BoxPlace> from the floor */
    private function stack(Hive $hive): Collection
    {
        return BoxPlace::query()
            ->where('hive_id', $hive->id)
            ->whereNull('until')
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /**
     * Numbers the places of a stack from the floor; only what changed is written.
     *
     * @param  Collection<int, BoxPlace>  $others  from the floor
     */
    private function order(Collection $others, BoxPlace $place, int $at): void
    {
        $stack = [...$others->take($at)->all(), $place, ...$others->skip($at)->all()];
        foreach ($stack as $position => $one) {
            $one->position = $position;
            if ($one->isDirty() || ! $one->exists) {
                $one->save();
            }
        }
    }
}
