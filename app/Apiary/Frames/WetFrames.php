<?php

declare(strict_types=1);

namespace App\Apiary\Frames;

use App\Models\Apiary;
use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\Harvest;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use DateTimeImmutable;
use Illuminate\Support\Collection;

/** Frames that were taken for their honey and are not back in a hive. */
final class WetFrames
{
    /** Frames wait a winter in store, and go back in the next season. */
    private const MONTHS = 14;

    /**
     * Held until the write is done: nothing goes back twice.
     *
     * @return list<TakenSuper>
     */
    public function held(Lot $lot, bool $toStore): array
    {
        $frames = self::extracted($lot->load(['harvest.apiary', 'harvest.supers.hive'])->harvest);

        return self::without($frames, $toStore ? [FrameWhy::Returned, FrameWhy::Stored] : [FrameWhy::Returned], true);
    }

    /**
     * What may be carried into a yard: what is spun, and where nobody taps in the honey room, what was taken before.
     *
     * @return list<TakenSuper> with their boxes and hives
     */
    public function ofYard(Apiary $apiary, DateTimeImmutable $today): array
    {
        $frames = new Collection;
        $harvests = Harvest::query()
            ->where('apiary_id', $apiary->id)
            ->where('taken_on', '>=', $today->modify('-'.self::MONTHS.' months')->format('Y-m-d'))
            ->with(['lot', 'supers.hive', 'supers.box'])
            ->orderBy('taken_on')
            ->get();
        foreach ($harvests as $harvest) {
            $isOld = $harvest->taken_on->format('Y-m-d') < $today->format('Y-m-d');
            $frames = $frames->concat(self::extracted($harvest)->filter(
                static fn (TakenSuper $one): bool => in_array($one->station, [Station::Spun, Station::Stored], true)
                    || ($isOld && $one->station === Station::Awaited),
            )->each(static fn (TakenSuper $one) => $one->setRelation('harvest', $harvest)));
        }

        return self::without($frames, [FrameWhy::Returned], false);
    }

    /** @return Collection<int, TakenSuper> */
    private static function extracted(Harvest $harvest): Collection
    {
        return $harvest->supers->toBase()
            ->filter(static fn (TakenSuper $one): bool => $one->isFrame() && $one->used_for->isExtracted());
    }

    /**
     * @param  Collection<int, TakenSuper>  $frames
     * @param  list<FrameWhy>  $whys  moves after which they are where they belong
     * @return list<TakenSuper>
     */
    private static function without(Collection $frames, array $whys, bool $held): array
    {
        $gone = FrameMove::query()
            ->whereIn('taken_super_id', $frames->pluck('id'))
            ->whereIn('why', array_column($whys, 'value'))
            ->when($held, static fn ($moves) => $moves->lockForUpdate())
            ->pluck('taken_super_id')
            ->all();

        return array_values(array_filter(
            $frames->all(),
            static fn (TakenSuper $one): bool => ! in_array($one->id, $gone, true),
        ));
    }
}
