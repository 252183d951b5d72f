<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Policy;
use App\Apiary\Winter\UseReader;
use App\Apiary\Winter\WinterNotes;
use App\Apiary\Winter\WinterNotesReader;
use App\Apiary\Winter\WinterSeason;
use App\Models\Hive;
use App\Models\HiveWeighing;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\UseObservation;

/** What was foretold of the last winter against what the scales found, hive by hive. */
final readonly class PastWinter
{
    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private WinterNotesReader $notes,
    ) {
    }

    public function read(): LearntUse
    {
        $weighed = HiveWeighing::query()->distinct()->pluck('hive_id')->all();
        $hives = Hive::query()->whereIn('id', $weighed)->with('stand.apiary.harvestPolicies')->get();
        $notes = $this->notes->of(array_values($hives->modelKeys()));
        $observed = $rows = [];
        foreach ($hives as $hive) {
            $found = $this->observations($hive, $notes[$hive->id]);
            if ($found !== []) {
                $observed[$hive->code] = $found;
                $rows[] = MeasuredWinterUse::of($hive->code, $hive->stand->apiary->name, $found);
            }
        }

        return new LearntUse(UseCalibration::of($observed), $rows);
    }

    /** @return list<UseObservation> of this winter once it has begun and was weighed, else of the one before */
    private function observations(Hive $hive, WinterNotes $notes): array
    {
        $apiary = $hive->stand->apiary;
        $policy = Policy::at($this->current, $apiary)->winter;
        $season = WinterSeason::of($apiary, $policy, $this->current->today(), $this->cache);
        foreach ($season->hasBegun() ? [$season->whole, $season->before()] : [$season->before()] as $winter) {
            $found = UseReader::observations($notes, $winter, $season->pathsOf($winter));
            if ($found !== []) {
                return $found;
            }
        }

        return [];
    }
}
