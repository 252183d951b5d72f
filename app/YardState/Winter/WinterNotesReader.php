<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Models\Decision;
use App\Models\Feeding;
use App\Models\HiveWeighing;
use App\Models\WinterLook;
use App\Operation\CurrentOperation;

/** Finds what was noted of many hives with four queries. */
final readonly class WinterNotesReader
{
    private const DAYS = 420;

    private const LOOK_DAYS = 200;

    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @param  list<string>  $ids  of hives
     * @return array<string, WinterNotes> by hive id
     */
    public function of(array $ids): array
    {
        $today = $this->current->today();
        $until = $today->format('Y-m-d');
        $looks = WinterLook::query()
            ->whereIn('hive_id', $ids)
            ->where('looked_on', '<=', $until)
            ->where('looked_on', '>=', $today->modify('-'.self::LOOK_DAYS.' days')->format('Y-m-d'))
            ->orderBy('looked_on')
            ->orderBy('id')
            ->get()
            ->keyBy('hive_id');
        $since = $today->modify('-'.self::DAYS.' days')->format('Y-m-d');
        $weighings = HiveWeighing::query()
            ->whereIn('hive_id', $ids)
            ->whereBetween('weighed_on', [$since, $until])
            ->orderBy('weighed_on')
            ->orderBy('id')
            ->get()
            ->groupBy('hive_id');
        $feedings = Feeding::query()
            ->whereIn('hive_id', $ids)
            ->whereBetween('fed_on', [$since, $until])
            ->orderBy('fed_on')
            ->orderBy('id')
            ->get()
            ->groupBy('hive_id');
        $decisions = Decision::query()
            ->where('stage', 'winter')
            ->whereIn('hive_id', $ids)
            ->orderBy('decided_at')
            ->get()
            ->groupBy('hive_id');
        $records = [];
        foreach ($ids as $id) {
            $records[$id] = new WinterNotes(
                $looks->get($id),
                array_values($weighings->get($id)?->all() ?? []),
                array_values($feedings->get($id)?->all() ?? []),
                $decisions->get($id)?->keyBy('box_id')->all() ?? [],
            );
        }

        return $records;
    }
}
