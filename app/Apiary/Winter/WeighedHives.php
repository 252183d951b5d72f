<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\CurrentOperation;
use App\Models\BoxPlace;
use App\Models\HiveWeighing;
use App\Models\ScaleWeight;
use App\Models\WinterLook;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Reserve\HiveWeight;
use Marjoram\Core\Reserve\StoresAssumptions;

/**
 * What the weight of a hive says of its stores, less the boxes that stood there that day, and the bees. A weight
 * read on a scale says it as well as one that was noted for winter: it is noted once.
 */
final readonly class WeighedHives
{
    public function __construct(private BoxKindReader $kinds, private CurrentOperation $current)
    {
    }

    /**
     * @param  'whole'|'both-sides'|'one-side'  $how
     * @param  non-empty-list<float>  $readings  kg
     * @param  string  $on  Y-m-d
     *
     * @throws InvalidInput when the hive had no box that day, or a figure cannot be
     */
    public function weigh(string $hiveId, string $on, string $how, array $readings, float $bees): HiveWeighing
    {
        return $this->weighing($this->places([$hiveId]), $hiveId, $on, $how, $readings, $bees);
    }

    /**
     * The newest weight of each hive that was read on its scale, as a weighing of the whole hive; not saved as one.
     *
     * @param  list<string>  $ids  of hives
     * @param  Collection<string, WinterLook>  $looks  the newest, by hive
     * @param  int  $days  that it may be old
     * @return array<string, HiveWeighing> by hive
     */
    public function onScales(array $ids, Collection $looks, int $days): array
    {
        // Noted in UTC; the boxes are those of the operation's own day.
        $today = $this->current->today();
        $utc = new DateTimeZone('UTC');
        $read = ScaleWeight::query()
            ->whereIn('hive_id', $ids)
            ->where('at', '>=', $today->modify("-$days days")->setTimezone($utc))
            ->where('at', '<', $today->modify('+1 day')->setTimezone($utc))
            ->orderBy('at')
            ->get()
            ->keyBy('hive_id');
        $places = $read->isEmpty() ? new Collection : $this->places(array_map(strval(...), array_keys($read->all())));
        $found = [];
        foreach ($read as $hive => $one) {
            $hive = (string) $hive;
            $bees = $looks->get($hive)->frames_of_bees ?? (new StoresAssumptions)->presumedFramesOfBees;
            try {
                $on = $one->at->setTimezone($today->getTimezone())->format('Y-m-d');
                $found[$hive] = $this->weighing($places, $hive, $on, 'whole', [$one->kg], $bees);
            } catch (InvalidInput) {
                // A scale that was not set to zero weighs gains all the same, and says nothing of stores.
            }
        }

        return $found;
    }

    /**
     * @param  Collection<int, BoxPlace>  $places
     * @param  'whole'|'both-sides'|'one-side'  $how
     * @param  non-empty-list<float>  $readings
     */
    private function weighing(
        Collection $places,
        string $hiveId,
        string $on,
        string $how,
        array $readings,
        float $bees,
    ): HiveWeighing {
        $then = $places->filter(static fn (BoxPlace $one): bool => $one->hive_id === $hiveId
            && $one->since->format('Y-m-d') <= $on
            && ($one->until === null || $one->until->format('Y-m-d') > $on));
        $empty = fn (BoxPlace $one): float => $this->kinds->get($one->box->kind)->emptyMassKg;
        $weight = HiveWeight::of($how, $readings, array_values($then->map($empty)->all()), $bees);

        return new HiveWeighing([
            'hive_id' => $hiveId,
            'weighed_on' => $on,
            'how' => $how,
            'readings' => $readings,
            'frames_of_bees' => $bees,
            'tare_kg' => round($weight->tareKg, 3),
            'stores_kg' => round($weight->storesKg, 3),
            'stores_sd_kg' => round($weight->sdKg, 3),
            'reading_sd_kg' => round($weight->readingSdKg, 3),
        ]);
    }

    /**
     * @param  list<string>  $hiveIds
     * @return Collection<int, BoxPlace> now and before
     */
    private function places(array $hiveIds): Collection
    {
        return BoxPlace::query()->whereIn('hive_id', $hiveIds)->with('box')->get();
    }
}
