<?php

declare(strict_types=1);

namespace App\Winter;

use App\Assess\BoxState;
use App\Assess\HiveState;
use App\Assess\YardState;
use App\Models\Apiary;
use App\Models\Decision;
use App\Models\Hive;
use App\Models\WinterLook;
use App\Support\CurrentOperation;
use App\Support\Kept;
use App\Support\PolicyBook;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;

/** Maps a yard's state to the core's question about winter. */
final readonly class WinterReader
{
    /** Presumed where nobody has looked: common practice for a single brood box in August. */
    private const PRESUMED_BROOD_HONEY_KG = 9.0;

    private const PRESUMED_FRAMES_OF_BEES = 9.0;

    public function __construct(private CurrentOperation $current, private Kept $kept)
    {
    }

    /** @return array<string, HiveWinter> by hive code */
    public function read(YardState $yard): array
    {
        $parts = $this->kept->remember('winter.'.$yard->apiary->id, fn (): array => $this->make($yard), $yard->apiary->revision);
        $hives = [];
        foreach ($parts as $code => $part) {
            if (isset($yard->hives[$code])) {
                $hives[$code] = new HiveWinter($yard->hives[$code], ...$part);
            }
        }

        return $hives;
    }

    /** @return array<string, array{ReserveResult, ?WinterLook, float, float, string, array<string, Decision>}> */
    private function make(YardState $yard): array
    {
        $ids = array_values(array_map(static fn (HiveState $state): string => $state->hive->id, $yard->hives));
        $looks = WinterLook::query()->whereIn('hive_id', $ids)->where('looked_on', '<=', $this->current->today())
            ->where('looked_on', '>=', $this->current->today()->modify('-200 days'))->orderBy('looked_on')->orderBy('id')->get()->keyBy('hive_id');
        $decisions = Decision::query()->where('stage', 'winter')->whereIn('hive_id', $ids)->orderBy('decided_at')->get()->keyBy('box_id');
        $policy = PolicyBook::at($this->current, $yard->apiary);
        $use = $this->use($yard->apiary, $policy);
        $hives = [];
        foreach ($yard->hives as $code => $state) {
            if ($state->boxes !== []) {
                $hives[$code] = $this->hive($state, $looks->get($state->hive->id), $decisions, $use, $policy);
            }
        }

        return $hives;
    }

    /** Winters depend on the place alone: simulated once, kept as long as climate and dates stay. */
    public function use(Apiary $apiary, PolicyBook $policy): WinterUse
    {
        $winter = $this->winter($apiary, $policy);
        $key = 'winter.2.'.md5(serialize($winter));
        $use = Cache::get($key);
        if (! $use instanceof WinterUse) {
            $use = new WinterUse($winter);
            Cache::put($key, $use, 86400 * 30);
        }

        return $use;
    }

    public function winter(Apiary $apiary, PolicyBook $policy): Winter
    {
        $season = (int) $this->current->today()->format('Y');
        [$from, $flow] = [$policy->text('winter_from'), $policy->text('first_flow')];
        if ($apiary->latitude < 0) {
            [$from, $flow] = ['04-01', '10-15'];
            $season += (int) $this->current->today()->format('n') > 10 ? 1 : 0;

            return new Winter(new DateTimeImmutable("$season-$from"), new DateTimeImmutable("$season-$flow"), 10.0, $apiary->climate);
        }

        return new Winter(new DateTimeImmutable("$season-$from"), new DateTimeImmutable(($season + 1)."-$flow"), 10.0, $apiary->climate);
    }

    /**
     * @param  Collection<string, Decision>  $decisions
     * @return array{ReserveResult, ?WinterLook, float, float, string, array<string, Decision>}
     */
    private function hive(HiveState $state, ?WinterLook $look, Collection $decisions, WinterUse $use, PolicyBook $policy): array
    {
        [$brood, $sd, $how] = $this->broodHoney($state, $look, $policy);
        $boxes = [];
        $made = [];
        foreach ($state->boxes as $box) {
            $choice = $decisions->get($box->box->id);
            $pinned = $choice !== null && $choice->hive_id === $state->hive->id ? $choice->choice : null;
            if ($choice !== null && $pinned !== null) {
                $made[$box->box->id] = $choice;
            }
            if (! $box->isSuper()) {
                $share = 1.0 / max(1, count($state->broodBoxes()));
                $boxes[] = new StoredBox($box->box->id, $brood * $share, $sd * $share, true);
            } elseif ($pinned === 'take') {
                // It goes in spite of the reckoning: it counts neither for the need nor among what stays.
                continue;
            } else {
                $boxes[] = new StoredBox($box->box->id, $box->honey->honeyKg, $box->honey->sdKg, $pinned === 'stay', $box->verdict()->comesOff());
            }
        }
        $bees = $look->frames_of_bees ?? self::PRESUMED_FRAMES_OF_BEES;
        $reserve = (new Reserve)->assess($use, $bees, $boxes === [] ? [new StoredBox('none', 0.0, 0.0, true)] : $boxes, 1.0, $policy->number('winter_confidence'));

        return [$reserve, $look, $bees, $brood, $how, $made];
    }

    /** @return array{float, float, string} kg, sd, how it was obtained */
    private function broodHoney(HiveState $state, ?WinterLook $look, PolicyBook $policy): array
    {
        if ($look?->brood_honey_kg !== null) {
            return [$look->brood_honey_kg, $look->brood_honey_sd_kg ?? 0.15 * $look->brood_honey_kg, $look->how];
        }
        $painted = array_filter($state->broodBoxes(), static fn (BoxState $box): bool => $box->seen() > 0);
        if ($painted !== []) {
            $results = array_map(static fn (BoxState $box) => (new Comb($policy->comb()))->honeyIn($box->fitted, array_values($box->look->frames)), $painted);

            return [array_sum(array_map(static fn ($result): float => $result->honeyKg, $results)), array_sum(array_map(static fn ($result): float => $result->sdKg, $results)), 'estimated'];
        }
        $kg = self::PRESUMED_BROOD_HONEY_KG * max(1, count($state->broodBoxes()));

        return [$kg, 0.4 * $kg, 'presumed'];
    }
}
