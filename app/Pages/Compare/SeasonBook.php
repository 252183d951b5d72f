<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Places\SeasonCalendar;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What happened to hives in each season: harvests of their yards, colonies, swarms and splits. */
final class SeasonBook
{
    /** @var array<string, array<int, string>> last day of a harvest by yard and season */
    private array $harvested = [];

    /** @var array<string, array<int, array{swarmed: bool, split: bool}>> by hive and season */
    private array $facts = [];

    /** @var array<string, array<int, int>> season in which each colony began, by hive and season */
    private array $began = [];

    public function __construct(private readonly CurrentOperation $current)
    {
        $south = $this->current->get()->latitude < 0;
        foreach ($this->table('harvests')->get(['apiary_id', 'season', 'taken_on']) as $row) {
            $day = substr((string) $row->taken_on, 0, 10);
            $known = $this->harvested[$row->apiary_id][(int) $row->season] ?? '';
            $this->harvested[$row->apiary_id][(int) $row->season] = max($known, $day);
        }
        $facts = $this->table('colony_facts')
            ->whereIn('kind', ['swarmed', 'split', 'settled'])
            ->whereNotNull('hive_id')
            ->get(['hive_id', 'kind', 'happened_on', 'note']);
        foreach ($facts as $row) {
            $season = SeasonCalendar::seasonOf(new DateTimeImmutable((string) $row->happened_on), $south);
            if ($row->kind === 'settled') {
                $this->began[$row->hive_id][$season] = $season;

                continue;
            }
            $this->facts[$row->hive_id][$season] ??= ['swarmed' => false, 'split' => false];
            $this->facts[$row->hive_id][$season][$row->kind === 'swarmed' ? 'swarmed' : 'split'] = true;
            if ($row->kind === 'split' && $row->note !== null && $row->note !== '') {
                $this->began[$row->hive_id][$season] = $season;
            }
        }
    }

    public function swarmed(string $hiveId, int $season): bool
    {
        return $this->facts[$hiveId][$season]['swarmed'] ?? false;
    }

    public function split(string $hiveId, int $season): bool
    {
        return $this->facts[$hiveId][$season]['split'] ?? false;
    }

    public function first(string $hiveId, int $season): bool
    {
        return isset($this->began[$hiveId][$season]);
    }

    /**
     * Hives with bees whose yard was harvested in a season.
     *
     * @return list<array{hive: string, code: string, apiary: string, season: int, queen: ?string, line: ?string}>
     */
    public function lived(): array
    {
        $rows = DB::table('colonies')
            ->where('colonies.operation_id', $this->current->get()->id)
            ->whereNull('colonies.deleted_at')
            ->join('hives', 'hives.id', '=', 'colonies.hive_id')
            ->whereNull('hives.deleted_at')
            ->join('stands', 'stands.id', '=', 'hives.stand_id')
            ->leftJoin('queens', 'queens.id', '=', 'colonies.queen_id')
            ->get([
                'hives.id as hive',
                'hives.code',
                'stands.apiary_id as apiary',
                'colonies.started_on',
                'colonies.ended_on',
                'queens.code as queen',
                'queens.line',
                'queens.year as born',
            ]);
        $lived = [];
        foreach ($rows as $row) {
            foreach ($this->harvested[$row->apiary] ?? [] as $season => $day) {
                $isThere = substr((string) $row->started_on, 0, 10) < $day
                    && ($row->ended_on === null || substr((string) $row->ended_on, 0, 10) > $day);
                if ($isThere) {
                    // The queen of today may not have been there yet.
                    $isHers = $row->born !== null && (int) $row->born <= $season;
                    $lived[] = [
                        'hive' => (string) $row->hive,
                        'code' => (string) $row->code,
                        'apiary' => (string) $row->apiary,
                        'season' => $season,
                        'queen' => $isHers ? (string) $row->queen : null,
                        'line' => $isHers && $row->line !== null ? (string) $row->line : null,
                    ];
                }
            }
        }

        return $lived;
    }

    private function table(string $name): Builder
    {
        return DB::table($name)->where('operation_id', $this->current->get()->id)->whereNull('deleted_at');
    }
}
