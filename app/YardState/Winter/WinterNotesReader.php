<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Feeding;
use App\Models\HiveWeighing;
use App\Models\TakenSuper;
use App\Models\WinterLook;
use App\Operation\CurrentOperation;
use Illuminate\Database\Eloquent\Builder;

/** Finds what was noted of many hives with few queries. */
final readonly class WinterNotesReader
{
    private const DAYS = 420;

    private const LOOK_DAYS = 200;

    public function __construct(private CurrentOperation $current)
    {
    }

    public function one(string $hiveId): WinterNotes
    {
        return $this->of([$hiveId])[$hiveId];
    }

    /**
     * @param  list<string>  $ids  of hives
     * @return array<string, WinterNotes> by hive id
     */
    public function of(array $ids): array
    {
        $until = $this->current->today()->format('Y-m-d');
        $looks = WinterLook::query()
            ->whereIn('hive_id', $ids)
            ->whereBetween('looked_on', [$this->before(self::LOOK_DAYS), $until])
            ->orderBy('looked_on')
            ->orderBy('id')
            ->get()
            ->keyBy('hive_id');
        $feedings = Feeding::query()
            ->whereIn('hive_id', $ids)
            ->whereBetween('fed_on', [$this->before(self::DAYS), $until])
            ->orderBy('fed_on')
            ->orderBy('id')
            ->get()
            ->groupBy('hive_id');
        $weighings = $this->weighings($ids);
        $decisions = Decision::query()
            ->where('stage', 'winter')
            ->whereIn('hive_id', $ids)
            ->orderBy('decided_at')
            ->get()
            ->groupBy('hive_id');
        $taken = $this->taken($ids);
        $notes = [];
        foreach ($ids as $id) {
            $notes[$id] = new WinterNotes(
                $looks->get($id),
                $weighings[$id] ?? [],
                array_values($feedings->get($id)?->all() ?? []),
                $decisions->get($id)?->keyBy('box_id')->all() ?? [],
                $taken[$id] ?? [],
            );
        }

        return $notes;
    }

    /**
     * @param  list<string>  $ids  of hives
     * @return array<string, list<HiveWeighing>> oldest first, by hive id
     */
    public function weighings(array $ids): array
    {
        $found = [];
        $until = $this->current->today()->format('Y-m-d');
        $weighings = HiveWeighing::query()
            ->whereIn('hive_id', $ids)
            ->whereBetween('weighed_on', [$this->before(self::DAYS), $until])
            ->orderBy('weighed_on')
            ->orderBy('id')
            ->get();
        foreach ($weighings as $one) {
            $found[$one->hive_id][] = $one;
        }

        return $found;
    }

    /**
     * @param  list<string>  $ids  of hives
     * @return array<string, list<TakenHoney>> by hive id
     */
    private function taken(array $ids): array
    {
        $since = $this->before(self::LOOK_DAYS);
        $taken = TakenSuper::query()
            ->whereIn('hive_id', $ids)
            ->whereHas('harvest', static fn (Builder $harvest): Builder => $harvest->where('taken_on', '>=', $since))
            ->with('harvest')
            ->get();
        $frames = $taken->filter(static fn (TakenSuper $one): bool => $one->isFrame());
        $brood = $frames->isEmpty() ? [] : BoxPlace::query()
            ->whereIn('box_id', $frames->pluck('box_id')->unique()->all())
            ->where('role', 'brood')
            ->pluck('box_id')
            ->all();
        $found = [];
        foreach ($taken as $one) {
            $found[$one->hive_id][] = TakenHoney::of($one, $one->isFrame() && in_array($one->box_id, $brood, true));
        }

        return $found;
    }

    private function before(int $days): string
    {
        return $this->current->today()->modify("-$days days")->format('Y-m-d');
    }
}
