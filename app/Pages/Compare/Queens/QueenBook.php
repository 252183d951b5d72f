<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Models\Queen;
use App\Models\QueenMark;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Yields\Merit\Merits;
use Marjoram\Core\Yields\Merit\QueenMerit;

/** All queens of the operation, with their merits where they are known. */
final readonly class QueenBook
{
    /** @return Collection<string, KnownQueen> by code, the best first, then those of whom nothing is known */
    public function read(?Merits $merits): Collection
    {
        $queens = Queen::query()->orderBy('code')->get();
        $codes = $queens->pluck('code', 'id');
        $marks = QueenMark::query()->get()->keyBy('queen_id');
        $of = array_column($merits->all ?? [], null, 'queen');
        $stands = $this->stands($queens->modelKeys());
        $rank = static fn (KnownQueen $one): float => $one->merit === null ? INF : -$one->merit->merit;

        return $queens
            ->toBase()
            ->map(function (Queen $one) use ($codes, $marks, $of, $stands): KnownQueen {
                $mother = $one->mother_id === null ? null : $codes->get($one->mother_id);
                $merit = $of[$one->code] ?? null;
                [$hive, $yard, $name] = $stands[$one->id] ?? [null, null, null];

                return new KnownQueen(
                    $one->id,
                    $one->code,
                    $one->line,
                    $one->year,
                    is_string($mother) ? $mother : null,
                    $hive,
                    $yard,
                    $name,
                    $merit instanceof QueenMerit ? $merit : null,
                    $marks->get($one->id),
                );
            })
            ->concat(self::noted($of, $codes->values()->all()))
            ->sortBy($rank)
            ->keyBy('code');
    }

    /**
     * Those that earlier notes name and nobody has entered.
     *
     * @param  array<array-key, QueenMerit>  $merits  by name
     * @param  array<array-key, mixed>  $known  names
     * @return list<KnownQueen>
     */
    private static function noted(array $merits, array $known): array
    {
        $noted = [];
        foreach ($merits as $name => $merit) {
            if (! in_array((string) $name, $known, true)) {
                $noted[] = new KnownQueen(null, (string) $name, __('from notes'), null, null, null, null, null, $merit, null);
            }
        }

        return $noted;
    }

    /**
     * @param  array<array-key, mixed>  $queens
     * @return array<string, array{string, string, string}> code of the hive, slug and name of its yard
     */
    private function stands(array $queens): array
    {
        $stands = [];
        $rows = DB::table('colonies')
            ->whereIn('queen_id', $queens)
            ->whereNull('colonies.ended_on')
            ->whereNull('colonies.deleted_at')
            ->join('hives', 'hives.id', '=', 'colonies.hive_id')
            ->whereNull('hives.deleted_at')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->join('apiaries', 'apiaries.id', '=', 'stands.apiary_id')
            ->get(['colonies.queen_id', 'hives.code', 'apiaries.slug', 'apiaries.name']);
        foreach ($rows as $row) {
            $stands[(string) $row->queen_id] = [(string) $row->code, (string) $row->slug, (string) $row->name];
        }

        return $stands;
    }
}
