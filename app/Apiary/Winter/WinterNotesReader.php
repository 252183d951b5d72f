<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\CurrentOperation;
use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Feeding;
use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\HiveWeighing;
use App\Models\TakenSuper;
use App\Models\WinterLook;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;

/** Finds what was noted of many hives with few queries. */
final readonly class WinterNotesReader
{
    private const DAYS = 420;

    private const LOOK_DAYS = 200;

    /** An older weight from a scale is news of the flow, and none of stores. */
    private const SCALE_DAYS = 30;

    public function __construct(
        private CurrentOperation $current,
        private BoxKindReader $kinds,
        private WeighedHives $weighed,
    ) {
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
        $until = $this->current->day();
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
        foreach ($this->weighed->onScales($ids, $looks, self::SCALE_DAYS) as $hive => $one) {
            $weighings[$hive][] = $one;
            usort($weighings[$hive], static fn ($a, $b): int => $a->weighed_on <=> $b->weighed_on);
        }
        $decisions = Decision::query()
            ->where('stage', 'winter')
            ->whereIn('hive_id', $ids)
            ->orderBy('decided_at')
            ->get()
            ->groupBy('hive_id');
        $gone = $this->gone($ids);
        $notes = [];
        foreach ($ids as $id) {
            $notes[$id] = new WinterNotes(
                $looks->get($id),
                $weighings[$id] ?? [],
                array_values($feedings->get($id)?->all() ?? []),
                $decisions->get($id)?->keyBy('box_id')->all() ?? [],
                $gone[$id] ?? [],
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
        $until = $this->current->day();
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
     * @return array<string, list<HoneyGone>> by hive id
     */
    private function gone(array $ids): array
    {
        $taken = TakenSuper::query()
            ->whereIn('hive_id', $ids)
            ->whereHas('harvest', fn (Builder $harvest): Builder => $harvest->where(
                'taken_on',
                '>=',
                $this->before(self::LOOK_DAYS),
            ))
            ->with('harvest')
            ->get();
        $moves = $this->moves($ids);
        $brood = $taken->isEmpty() && $moves->isEmpty() ? [] : $this->broodBoxes($ids);
        $gone = [];
        foreach ($taken as $one) {
            $ofBroodBox = $one->isFrame() && in_array($one->box_id, $brood, true);
            $gone[$one->hive_id][] = HoneyGone::harvested($one, $ofBroodBox);
        }
        foreach ($moves as $move) {
            foreach (HoneyGone::moved($move, $this->kgOf($move), $brood) as $hive => $one) {
                $gone[$hive][] = $one;
            }
        }

        return $gone;
    }

    /**
     * Those into a harvest are counted there, by what they gave.
     *
     * @param  list<string>  $ids  of hives
     * @return Collection<int, FrameMove>
     */
    private function moves(array $ids): Collection
    {
        return FrameMove::query()
            ->whereIn('why', [FrameWhy::Moved, FrameWhy::Swapped, FrameWhy::Stored, FrameWhy::Culled])
            ->where('moved_on', '>=', $this->before(self::LOOK_DAYS))
            ->where(static fn (Builder $end): Builder => $end
                ->whereIn('from_hive_id', $ids)
                ->orWhereIn('to_hive_id', $ids))
            ->get();
    }

    /**
     * @param  list<string>  $ids  of hives
     * @return list<string>
     */
    private function broodBoxes(array $ids): array
    {
        return array_values(
            BoxPlace::query()->whereIn('hive_id', $ids)->where('role', 'brood')->pluck('box_id')->unique()->all(),
        );
    }

    private function kgOf(FrameMove $move): float
    {
        $kind = $this->kinds->get($move->kind ?? '');

        return (new Comb)->honeyIn(new FittedBox($kind, $kind->frames), [new Frame(1, $move->a, $move->b)])->honey->kg;
    }

    private function before(int $days): string
    {
        return $this->current->today()->modify("-$days days")->format('Y-m-d');
    }
}
