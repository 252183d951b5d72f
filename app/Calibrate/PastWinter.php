<?php

declare(strict_types=1);

namespace App\Calibrate;

use App\Models\Apiary;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\Winter\UseReader;
use App\YardState\Winter\WinterNotesReader;
use App\YardState\Winter\WinterSeason;
use Illuminate\Support\Collection;
use Marjoram\Core\Reserve\UseCalibration;

/** What was foretold of the last winter against what the scales found, hive by hive. */
final readonly class PastWinter
{
    public function __construct(private CurrentOperation $current, private WinterNotesReader $records)
    {
    }

    /** @return array{learnt: UseCalibration, hives: list<array{code: string, yard: string, reckonedKg: float, usedKg: float, sdKg: float, ratio: float}>} */
    public function read(): array
    {
        $weighed = HiveWeighing::query()->distinct()->pluck('hive_id')->all();
        $hives = Hive::query()->whereIn('id', $weighed)->with('stand.apiary')->get();
        $records = $this->records->of(array_values($hives->modelKeys()));
        $observed = $rows = [];
        foreach ($hives->groupBy(fn (Hive $hive): string => $hive->stand->apiary_id) as $of) {
            /** @var Collection<int, Hive> $of */
            $apiary = $of->firstOrFail()->stand->apiary;
            foreach ($this->yard($apiary, $of, $records) as $code => $observations) {
                $observed[$code] = $observations;
                $reckoned = array_sum(array_column($observations, 'reckonedKg'));
                $used = array_sum(array_column($observations, 'usedKg'));
                $rows[] = [
                    'code' => (string) $code,
                    'yard' => $apiary->name,
                    'reckonedKg' => $reckoned,
                    'usedKg' => $used,
                    'sdKg' => sqrt(
                        array_sum(array_map(static fn (array $one): float => $one['usedSdKg'] ** 2, $observations)),
                    ),
                    'ratio' => $used / $reckoned,
                ];
            }
        }

        return ['learnt' => UseCalibration::of($observed), 'hives' => $rows];
    }

    /**
     * @param  Collection<int, Hive>  $hives
     * @param  array<string, \App\YardState\Winter\WinterNotes>  $records
     * @return array<string, non-empty-list<array{usedKg: float, usedSdKg: float, reckonedKg: float}>> by code
     */
    private function yard(Apiary $apiary, Collection $hives, array $records): array
    {
        $season = WinterSeason::of($apiary, Policy::at($this->current, $apiary), $this->current->today());
        $found = [];
        foreach ($hives as $hive) {
            foreach ($season->hasBegun() ? [$season->whole, $season->before()] : [$season->before()] as $winter) {
                $observations = UseReader::observations($records[$hive->id], $winter);
                if ($observations !== []) {
                    $found[$hive->code] = $observations;

                    break;
                }
            }
        }

        return $found;
    }
}
