<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Seasons;
use App\Models\Apiary;
use App\Models\PastYield;
use App\Models\Queen;
use App\Models\TakenSuper;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Yields\YieldRecord;

/**
 * Reads the crops of all seasons: one record a hive, queen and season, and one for each hive that gave nothing in a
 * season that is closed. While it lasts, a hive without a crop is only not harvested yet.
 */
final readonly class YieldReader
{
    public function __construct(private CurrentOperation $current, private Seasons $seasons)
    {
    }

    /** @return Collection<int, Crop> in the order of yards, hives and seasons */
    public function read(): Collection
    {
        $book = new SeasonBook($this->current);
        $now = $this->seasons->now();
        $yards = Apiary::query()->orderBy('position')->orderBy('name')->get()->keyBy('id');
        $fill = (new CombAssumptions)->boxRelativeSd;
        $crops = $known = [];
        foreach ($this->taken() as $row) {
            [$hive, $season] = [(string) $row->hive_id, (int) $row->season];
            $known["$row->hive $season"] = true;
            $crops[] = (new Crop(
                (string) $row->slug,
                (string) $row->yard,
                (string) $row->hive,
                $season,
                $row->queen === null ? null : (string) $row->queen,
                $row->line === null ? null : (string) $row->line,
                new Kilograms((float) $row->kg, $fill * (float) $row->judged, sqrt((float) $row->own_variance)),
                (int) $row->supers,
                (int) $row->frames,
                (bool) $row->weighed,
                final: $now->isFinal($season),
            ))->with($book->swarmed($hive, $season), $book->split($hive, $season), $book->first($hive, $season));
        }
        foreach ($book->lived() as $one) {
            $yard = $yards->get($one['apiary']);
            if (
                $yard === null || ! $now->isFinal($one['season'])
                || isset($known[$one['code'].' '.$one['season']])
            ) {
                continue;
            }
            $known[$one['code'].' '.$one['season']] = true;
            $crops[] = (new Crop(
                $yard->slug,
                $yard->name,
                $one['code'],
                $one['season'],
                $one['queen'],
                $one['line'],
                new Kilograms(0.0),
                0,
                0,
                true,
            ))->with(
                $book->swarmed($one['hive'], $one['season']),
                $book->split($one['hive'], $one['season']),
                $book->first($one['hive'], $one['season']),
            );
        }
        $order = array_flip($yards->pluck('name')->values()->all());

        return (new Collection([...$crops, ...$this->noted($known)]))
            ->sortBy(static fn (Crop $one): array => [
                $order[$one->yard] ?? PHP_INT_MAX,
                $one->yard,
                strlen($one->hive),
                $one->hive,
                $one->season,
            ])
            ->values();
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<YieldRecord>
     */
    public function records(Collection $crops): array
    {
        return array_values($crops->map(static fn (Crop $crop): YieldRecord => new YieldRecord(
            $crop->hive,
            $crop->yard,
            $crop->season,
            $crop->queen,
            max(0.0, $crop->honey->kg),
            $crop->swarmed,
            $crop->split || $crop->first,
        ))->all());
    }

    /** @return array<string, string> a queen's mother, by codes */
    public function mothers(): array
    {
        $mothers = [];
        $rows = Queen::query()
            ->join('queens as mothers', 'mothers.id', '=', 'queens.mother_id')
            ->toBase()
            ->get(['queens.code', 'mothers.code as mother']);
        foreach ($rows as $row) {
            $mothers[(string) $row->code] = (string) $row->mother;
        }

        return $mothers;
    }

    /** @return Collection<int, \stdClass> */
    private function taken(): Collection
    {
        return TakenSuper::query()
            ->toBase()
            ->join('harvests', 'harvests.id', '=', 'taken_supers.harvest_id')
            ->whereNull('harvests.deleted_at')
            ->join('hives', 'hives.id', '=', 'taken_supers.hive_id')
            ->join('apiaries', 'apiaries.id', '=', 'harvests.apiary_id')
            ->leftJoin('queens', 'queens.id', '=', 'taken_supers.queen_id')
            ->groupBy('apiaries.slug', 'apiaries.name', 'hives.id', 'hives.code', 'harvests.season')
            ->groupBy('queens.code', 'queens.line')
            ->selectRaw(<<<'SQL'
                apiaries.slug as slug, apiaries.name as yard, hives.id as hive_id, hives.code as hive,
                harvests.season as season, queens.code as queen, queens.line as line,
                sum(coalesce(taken_supers.allotted_kg, taken_supers.estimate_kg)) as kg,
                sum(if(taken_supers.allotted_kg is null, taken_supers.estimate_kg, 0)) as judged,
                sum(pow(coalesce(taken_supers.allotted_sd_kg, taken_supers.own_sd_kg), 2)) as own_variance,
                sum(slot = 0) as supers, sum(slot > 0) as frames, min(taken_supers.allotted_kg is not null) as weighed
                SQL)
            ->get();
    }

    /**
     * From the years before, as they were read in; what was taken here since stands over them.
     *
     * @param  array<string, true>  $known  hives and seasons
     * @return list<Crop>
     */
    private function noted(array $known): array
    {
        $crops = [];
        $lines = Queen::query()->pluck('line', 'code');
        $noted = [];
        // A sheet read in twice counts once, as it was read in last.
        foreach (PastYield::query()->orderByDesc('id')->get() as $one) {
            $same = "$one->yard $one->hive $one->season $one->queen";
            if (isset($known["$one->hive $one->season"]) || isset($noted[$same])) {
                continue;
            }
            $noted[$same] = true;
            $line = $one->queen === null ? null : $lines->get($one->queen);
            $crops[] = new Crop(
                Str::slug($one->yard),
                $one->yard,
                $one->hive,
                $one->season,
                $one->queen,
                is_string($line) ? $line : null,
                new Kilograms($one->kg),
                0,
                0,
                true,
                $one->swarmed,
                $one->split,
                noted: true,
                final: $this->seasons->now()->isFinal($one->season),
            );
        }

        return $crops;
    }
}
