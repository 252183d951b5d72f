<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Models\Hive;
use App\Models\Queen;
use Illuminate\Validation\ValidationException;

/** New queens, and queens given to hives. */
final readonly class Queens
{
    public function __construct(private LifeEvents $events)
    {
    }

    /** @throws ValidationException where one of this code is known */
    public function new(string $code, string $line, int $year, ?Queen $mother): Queen
    {
        if (Queen::query()->where('code', $code)->exists()) {
            throw ValidationException::withMessages([
                'code' => __('Queen :code exists already.', ['code' => $code]),
            ]);
        }

        return Queen::query()->create([
            'code' => $code,
            'line' => $line,
            'year' => $year,
            'mother_id' => $mother?->id,
        ]);
    }

    /** This code, or the first after it that no queen has: 26-E3, 26-E3b, 26-E3c. */
    public function freeCode(string $code): string
    {
        $free = $code;
        for ($letter = 'b'; Queen::withBinned()->where('code', $free)->exists(); $letter++) {
            $free = $code.$letter;
        }

        return $free;
    }

    /** She heads the colony of the hive from today; where none lives there, one settles with her. */
    public function give(Hive $hive, Queen $queen): void
    {
        $today = NewYard::today();
        $hive->claim(null);
        $colony = $hive->load('colony')->colony ?? $this->events->settle($hive, $today);
        $colony->update(['queen_id' => $queen->id]);
        $colony->facts()->create([
            'kind' => 'requeened',
            'happened_on' => $today,
            'hive_id' => $hive->id,
            'queen_id' => $queen->id,
        ]);
    }
}
