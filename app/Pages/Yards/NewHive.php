<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Colony;
use App\Models\Hive;
use App\Models\Operation;
use App\Models\Stand;
use Illuminate\Validation\ValidationException;

/** A hive on the next free stand of a yard, with its colony and boxes. */
final class NewHive
{
    private ?int $mark = null;

    public function make(
        Apiary $apiary,
        int $broodBoxes,
        string $broodKind,
        int $supers,
        string $superKind,
        ?string $code = null,
        bool $excluder = true,
        bool $isSettled = true,
    ): Hive {
        self::waitForTurn();
        $number = (int) Stand::query()->where('apiary_id', $apiary->id)->max('number') + 1;
        $code ??= $apiary->letter.$number;
        if (Hive::query()->where('code', $code)->exists()) {
            throw ValidationException::withMessages([
                'code' => __('Hive :code exists already. Choose another code.', ['code' => $code]),
            ]);
        }
        $stand = Stand::query()->create(['apiary_id' => $apiary->id, 'number' => $number]);
        $hive = Hive::query()->create(['stand_id' => $stand->id, 'code' => $code, 'excluder' => $excluder]);
        if ($isSettled) {
            $colony = Colony::query()->create(['hive_id' => $hive->id, 'started_on' => NewYard::today()]);
            $colony->facts()->create(['kind' => 'settled', 'happened_on' => NewYard::today(), 'hive_id' => $hive->id]);
        }
        for ($i = 0; $i < $broodBoxes + $supers; $i++) {
            $this->box($hive, $i < $broodBoxes ? $broodKind : $superKind, $i, $i < $broodBoxes ? 'brood' : 'super');
        }

        return $hive;
    }

    /**
     * Numbers of stands and boxes follow each other: of writes that add some at the same time, each waits for the one
     * before it.
     */
    public static function waitForTurn(): void
    {
        Operation::query()->whereKey(app(CurrentOperation::class)->id())->lockForUpdate()->value('id');
    }

    /** A box that stands nowhere yet. */
    public function bare(string $kind, string $role, ?int $framesFitted = null): Box
    {
        if ($this->mark === null) {
            self::waitForTurn();
        }
        $this->mark ??= (int) Box::withBinned()
            ->selectRaw("max(cast(regexp_replace(mark, '[^0-9]', '') as unsigned)) as n")
            ->value('n');

        return Box::query()->create([
            'kind' => $kind,
            'mark' => sprintf('%s%03d', $role === 'brood' ? 'B' : 'M', ++$this->mark),
            'frames_fitted' => $framesFitted,
        ]);
    }

    private function box(Hive $hive, string $kind, int $position, string $role): void
    {
        BoxPlace::query()->create([
            'box_id' => $this->bare($kind, $role)->id,
            'hive_id' => $hive->id,
            'position' => $position,
            'role' => $role,
            'since' => NewYard::today(),
        ]);
    }
}
