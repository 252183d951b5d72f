<?php

declare(strict_types=1);

namespace App\Account;

use App\Models;
use App\Models\Record;
use DateTimeInterface;
use Illuminate\Support\Collection;

/** What was removed lies here for 30 days and can be brought back. */
final class Bin
{
    public const DAYS = 30;

    /** @var array<string, class-string<Record>> children first, so that emptying breaks no reference */
    public const KINDS = [
        'follow-ups' => Models\FollowUp::class, 'loading-ticks' => Models\LoadingTick::class, 'calendar-links' => Models\CalendarLink::class, 'rounds' => Models\Round::class, 'feedings' => Models\Feeding::class, 'hive-weighings' => Models\HiveWeighing::class,
        'practice' => Models\PracticeTry::class, 'eyes' => Models\Eye::class, 'weighings' => Models\BoxWeighing::class, 'harvest-plans' => Models\HarvestPlan::class,
        'buckets' => Models\Bucket::class, 'supers' => Models\TakenSuper::class, 'lots' => Models\Lot::class, 'harvests' => Models\Harvest::class,
        'items' => Models\ClearItem::class, 'plans' => Models\ClearPlan::class, 'decisions' => Models\Decision::class, 'winter-looks' => Models\WinterLook::class,
        'treatments' => Models\Treatment::class, 'signs' => Models\FlowSign::class, 'weights' => Models\ScaleWeight::class, 'readings' => Models\MoistureReading::class, 'instruments' => Models\Instrument::class,
        'frames' => Models\FrameLook::class, 'looks' => Models\Assessment::class, 'places' => Models\BoxPlace::class, 'boxes' => Models\Box::class, 'kinds' => Models\BoxKindRow::class,
        'facts' => Models\ColonyFact::class, 'colonies' => Models\Colony::class, 'queens' => Models\Queen::class, 'hives' => Models\Hive::class,
        'stands' => Models\Stand::class, 'yards' => Models\Apiary::class,
    ];

    /** @return Collection<int, array{kind: string, record: Record}> newest first */
    public function contents(): Collection
    {
        $found = [];
        foreach (self::KINDS as $kind => $class) {
            foreach ($class::binned()->where('deleted_at', '>=', now()->subDays(self::DAYS))->latest('deleted_at')->limit(100)->get() as $record) {
                $found[] = ['kind' => $kind, 'record' => $record];
            }
        }

        return (new Collection($found))->sortByDesc(fn (array $one): string => (string) $one['record']->getAttribute('deleted_at'))->values();
    }

    public static function emptyOlderThan(DateTimeInterface $date): int
    {
        $gone = 0;
        foreach (self::KINDS as $class) {
            foreach ($class::binned()->withoutGlobalScope('operation')->where('deleted_at', '<', $date)->get() as $record) {
                try {
                    $record->forceDelete();
                    $gone++;
                } catch (\Illuminate\Database\QueryException) {
                    // Something that is kept still refers to it: it stays until that is gone too.
                    continue;
                }
            }
        }

        return $gone;
    }
}
