<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Assessment;
use App\Models\MoistureReading;
use App\Operation\Policy;
use DateTimeImmutable;
use Marjoram\Core\Moisture\Moisture;
use Marjoram\Core\Ripeness\BoxEstimate;
use Marjoram\Core\Ripeness\UnseenFrames;

/** A box's looks since it stands on its hive: how it was capped and filled, and how wet, each with its spread. */
final readonly class BoxHistory
{
    private const MOST = 24;

    /** @param  list<array{on: DateTimeImmutable, capped: ?float, sd: float, full: float, water: ?float, waterSd: float, seen: int}>  $points oldest first */
    private function __construct(public array $points, public ?float $cappedNeeded, public float $waterMax)
    {
    }

    public static function of(
        \App\YardState\BoxState $box,
        Policy $policy,
        \App\YardState\Looks\LookReader $looks,
    ): self {
        $found = Assessment::query()
            ->where('box_id', $box->box->id)
            ->where('hive_id', $box->place->hive_id)
            ->where('looked_at', '>=', $box->place->since->format('Y-m-d'))
            ->orderByDesc('looked_at')
            ->limit(self::MOST)
            ->with('readings')
            ->get()
            ->reverse();
        $frames = $looks->frames($found);
        $unseen = new UnseenFrames;
        $points = [];
        foreach ($found as $look) {
            $seen = array_values(
                array_filter(
                    $frames[$look->id] ?? [],
                    static fn ($frame): bool => $frame->slot <= $box->fitted->framesFitted,
                ),
            );
            if ($seen !== [] || $look->readings->isNotEmpty()) {
                $points[] = self::point($look, $unseen->estimate($box->fitted, $seen), count($seen));
            }
        }
        $needs = $policy->ripeness();

        return new self(
            $points,
            $needs->school->asksForCapping() ? $needs->cappedShareNeeded() : null,
            $needs->waterMaxPct,
        );
    }

    /** @return array{on: DateTimeImmutable, capped: ?float, sd: float, full: float, water: ?float, waterSd: float, seen: int} */
    private static function point(Assessment $look, BoxEstimate $box, int $seen): array
    {
        $readings = array_values(
            $look->readings->map(fn (MoistureReading $one) => \App\YardState\Looks\SuperMapper::reading($one))->all(),
        );
        $water = $readings === [] ? null : (new Moisture)->of($readings);

        return [
            'on' => $look->looked_at->toDateTimeImmutable(),
            'capped' => $seen === 0 ? null : $box->cappedShare,
            'sd' => $box->sd,
            'full' => $box->fullFrames(),
            'water' => $water?->meanWaterPct,
            'waterSd' => $water?->meanScalePct() ?? 0.0,
            'seen' => $seen,
        ];
    }

    /**
     * What the newest look found otherwise than the one before.
     *
     * @return array{days: int, capped: float, cappedSd: float, full: float, water: ?float, perDay: float}|null
     */
    public function change(): ?array
    {
        $seen = array_values(array_filter($this->points, static fn (array $point): bool => $point['capped'] !== null));
        $n = count($seen);
        if ($n < 2) {
            return null;
        }
        [$before, $now] = [$seen[$n - 2], $seen[$n - 1]];
        $days = max(1, (int) round(($now['on']->getTimestamp() - $before['on']->getTimestamp()) / 86400));
        $capped = (float) $now['capped'] - (float) $before['capped'];

        return [
            'days' => $days,
            'capped' => $capped,
            'cappedSd' => sqrt($now['sd'] ** 2 + $before['sd'] ** 2),
            'full' => $now['full'] - $before['full'],
            'water' => $now['water'] !== null && $before['water'] !== null ? $now['water'] - $before['water'] : null,
            'perDay' => $capped / $days,
        ];
    }
}
