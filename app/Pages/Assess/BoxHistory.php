<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Inspections\LookReader;
use App\Apiary\Operation\Policy;
use App\Models\Assessment;
use App\Models\MoistureReading;
use Illuminate\Database\Eloquent\Collection;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Moisture;
use Marjoram\Core\Ripeness\BoxEstimate;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\Super;

/** A box's looks since it stands on its hive: how it was capped and filled, and how wet, each with its spread. */
final readonly class BoxHistory
{
    private const MOST = 24;

    /**
     * @param  list<HistoryPoint>  $points  oldest first
     * @param  ?float  $cappedNeeded  null where the policy does not ask for capping
     */
    private function __construct(public array $points, public ?float $cappedNeeded, public float $waterMaxPct)
    {
    }

    public static function of(BoxState $box, Policy $policy, LookReader $reader): self
    {
        $looks = self::looks($box);
        $frames = $reader->frames($looks);
        $isFitted = static fn (Frame $frame): bool => $frame->slot <= $box->fitted->framesFitted;
        $model = new Ripeness;
        $points = [];
        foreach ($looks as $look) {
            $seen = array_values(array_filter($frames[$look->id] ?? [], $isFitted));
            if ($seen !== [] || $look->readings->isNotEmpty()) {
                $points[] = self::point($look, $model->estimate(new Super($box->fitted, $seen)), count($seen));
            }
        }
        $needs = $policy->ripeness;

        return new self(
            $points,
            $needs->school->asksForCapping() ? $needs->cappedShareNeeded() : null,
            $needs->waterMaxPct,
        );
    }

    /** Null where fewer than two looks saw frames. */
    public function change(): ?HistoryChange
    {
        $seen = array_filter($this->points, static fn (HistoryPoint $one): bool => $one->capped !== null);
        [$before, $now] = [...array_slice($seen, -2), null, null];

        return $before === null || $now === null ? null : HistoryChange::between($before, $now);
    }

    /** @return Collection<int, Assessment> oldest first */
    private static function looks(BoxState $box): Collection
    {
        return Assessment::query()
            ->where('box_id', $box->id)
            ->where('hive_id', $box->hiveId)
            ->where('looked_at', '>=', $box->since->format('Y-m-d'))
            ->orderByDesc('looked_at')
            ->limit(self::MOST)
            ->with('readings')
            ->get()
            ->reverse();
    }

    private static function point(Assessment $look, BoxEstimate $box, int $seen): HistoryPoint
    {
        $readings = array_values($look->readings->map(fn (MoistureReading $one) => $one->reading())->all());
        $water = $readings === [] ? null : (new Moisture)->of($readings);

        return new HistoryPoint(
            $look->looked_at->toDateTimeImmutable(),
            $seen === 0 ? null : $box->cappedShare,
            $box->sd(),
            $box->fullFrames(),
            $water?->meanWaterPct,
            $water?->meanScalePct() ?? 0.0,
            $seen,
        );
    }
}
