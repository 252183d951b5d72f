<?php

declare(strict_types=1);

namespace App\Pages\Compare\Yards;

use App\Apiary\Days\Drives;
use App\Apiary\Flow\SeasonGains;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Pages\Compare\Crop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What yards gave a hive, and what they cost: the drive, the feed, the losses. */
final readonly class YardsReader
{
    /** Rounds a season where nothing else is known: taken off twice, looked at five times (common practice). */
    private const VISITS = 7;

    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private SeasonGains $gains,
        private Drives $drives,
    ) {
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<ComparedYard> that with the most a hive first
     */
    public function read(Collection $crops): array
    {
        $yards = [];
        $apiaries = array_values($this->yards->apiaries()->all());
        // From the honey room, which stands first, to each.
        $ways = array_slice($apiaries === [] ? [0.0] : $this->drives->minutes($apiaries)[0], 1);
        $sugar = $this->sugar();
        $lost = $this->lost();
        foreach ($apiaries as $i => $apiary) {
            $own = $crops->where('slug', $apiary->slug);
            if ($own->isEmpty()) {
                continue;
            }
            $means = $hives = [];
            foreach ($own->groupBy('season') as $season => $of) {
                $count = $of->unique('hive')->count();
                $means[(int) $season] = (float) $of->sum(static fn (Crop $one): float => $one->honey->kg) / $count;
                $hives[] = $count;
            }
            ksort($means);
            $count = array_sum($hives) / count($hives);
            $yards[] = new ComparedYard(
                $apiary->slug,
                $apiary->name,
                $means,
                $this->flow($apiary, array_keys($means)),
                $count,
                self::minutes($ways[$i] ?? 0.0, array_sum($means) / count($means) * $count),
                ($sugar[$apiary->id] ?? 0.0) / max(1, array_sum($hives)),
                $lost[$apiary->id] ?? 0,
            );
        }
        usort($yards, static fn (ComparedYard $a, ComparedYard $b): int => $b->mean() <=> $a->mean());

        return $yards;
    }

    /**
     * @param  list<int>  $seasons
     * @return array<int, float>
     */
    private function flow(Apiary $apiary, array $seasons): array
    {
        $flow = [];
        foreach ($seasons as $season) {
            $known = array_filter($this->gains->of($apiary, $season), static fn (?float $kg): bool => $kg !== null);
            if (count($known) >= 30) {
                $flow[$season] = array_sum(array_filter($known, static fn (float $kg): bool => $kg > 0.0));
            }
        }

        return $flow;
    }

    private static function minutes(float $way, float $kg): ?float
    {
        return $kg <= 0.0 ? null : 2.0 * self::VISITS * $way / $kg;
    }

    /** @return array<string, float> kg of sugar by yard */
    private function sugar(): array
    {
        return DB::table('feedings')
            ->where('feedings.operation_id', $this->current->get()->id)
            ->whereNull('feedings.deleted_at')
            ->join('hives', 'hives.id', '=', 'feedings.hive_id')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->groupBy('stands.apiary_id')
            ->selectRaw('stands.apiary_id as yard, sum(feedings.sugar_kg) as kg')
            ->pluck('kg', 'yard')
            ->map(static fn (mixed $kg): float => is_numeric($kg) ? (float) $kg : 0.0)
            ->all();
    }

    /** @return array<string, int> colonies by yard */
    private function lost(): array
    {
        return DB::table('colony_facts')
            ->where('colony_facts.operation_id', $this->current->get()->id)
            ->whereNull('colony_facts.deleted_at')
            ->whereIn('kind', ['died', 'united'])
            ->join('hives', 'hives.id', '=', 'colony_facts.hive_id')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->groupBy('stands.apiary_id')
            ->selectRaw('stands.apiary_id as yard, count(*) as n')
            ->pluck('n', 'yard')
            ->map(static fn (mixed $n): int => is_numeric($n) ? (int) $n : 0)
            ->all();
    }
}
