<?php

declare(strict_types=1);

namespace App\YardState\Flow;

use App\Models\Apiary;
use App\Models\FlowSign;
use App\Models\ScaleWeight;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Support\GroundDistance;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Sign;

/** Maps scale weights and signs of the yards to the core's question about the flow. */
final readonly class FlowReader
{
    private const NEIGHBOUR_KM = 15.0;

    private const DAYS = 24;

    public function __construct(private CurrentOperation $current, private Computed $computed)
    {
    }

    /**
     * The flow of one yard, by its own scale or a neighbour's.
     *
     * @param  Collection<int, Apiary>  $all  yards of the operation
     */
    public function of(Apiary $apiary, Collection $all): YardFlow
    {
        $source = $this->source($apiary, $all);
        $yards = $source === null || $source->is($apiary) ? [$apiary->id] : [$apiary->id, $source->id];

        return $this->computed->ofFlow("flow.$apiary->id", $yards, fn (): YardFlow => $this->make($apiary, $source));
    }

    private function make(Apiary $apiary, ?Apiary $source): YardFlow
    {
        $now = $this->current->now();
        $weights = $source === null ? new Collection : $this->weights($source);
        $evidence = $this->evidence($apiary);
        $readings = array_values($weights->map($this->reading(...))->all());
        $isOwn = $source !== null && $source->is($apiary);

        $moves = $this->moves($weights->last()?->hive_id);

        return new YardFlow(
            (new Flow)->assess($readings, $evidence, $now, $moves),
            $isOwn ? $weights->last()?->hive_id : null,
            $source === null || $isOwn ? null : $source->name,
            $evidence,
        );
    }

    /**
     * The yard itself where it has a scale, else the nearest with one and the same kind of flow (heather is a flow of
     * its own).
     *
     * @param  Collection<int, Apiary>  $all
     */
    private function source(Apiary $apiary, Collection $all): ?Apiary
    {
        $scales = $this->computed->ofWeights('scales', $this->yardsWithScales(...));
        if (in_array($apiary->id, $scales, true)) {
            return $apiary;
        }
        $near = fn (Apiary $other): bool => in_array($other->id, $scales, true)
            && $other->heather === $apiary->heather
            && self::km($apiary, $other) <= self::NEIGHBOUR_KM;

        return $all->filter($near)->sortBy(fn (Apiary $other): float => self::km($apiary, $other))->first();
    }

    /** @return list<string> ids of yards with a weight in the days that are looked at */
    private function yardsWithScales(): array
    {
        [$since, $until] = $this->span();

        return array_values(
            ScaleWeight::query()->whereBetween('at', [$since, $until])->distinct()->pluck('apiary_id')->all(),
        );
    }

    /**
     * Of one hive, that with the most of them: weights of two hives are no gain.
     *
     * @return Collection<int, ScaleWeight>
     */
    private function weights(Apiary $apiary): Collection
    {
        return ScaleWeight::query()
            ->where('apiary_id', $apiary->id)
            ->whereBetween('at', $this->span())
            ->orderBy('at')
            ->get()
            ->groupBy('hive_id')
            ->sortByDesc(static fn (Collection $of): int => $of->count())
            ->first() ?? new Collection;
    }

    /** @return list<DateTimeImmutable> days on which boxes were put on this hive or taken off it */
    private function moves(?string $hiveId): array
    {
        if ($hiveId === null) {
            return [];
        }
        $since = $this->span()[0]->format('Y-m-d');
        $places = DB::table('box_places')->where('hive_id', $hiveId)->whereNull('deleted_at');
        $days = [
            ...$places->clone()->where('since', '>=', $since)->pluck('since'),
            ...$places->clone()->where('until', '>=', $since)->pluck('until'),
        ];

        return array_values(array_map(
            static fn (mixed $day): DateTimeImmutable => new DateTimeImmutable(is_string($day) ? $day : 'now'),
            array_unique($days),
        ));
    }

    /** @return list<Evidence> */
    private function evidence(Apiary $apiary): array
    {
        $signs = FlowSign::query()
            ->where('apiary_id', $apiary->id)
            ->whereBetween('seen_at', $this->span())
            ->orderBy('seen_at')
            ->get();

        return array_values(array_filter($signs->map($this->sign(...))->all()));
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} */
    private function span(): array
    {
        $utc = new DateTimeZone('UTC');
        $now = $this->current->now();

        return [$now->modify('-'.self::DAYS.' days')->setTimezone($utc), $now->setTimezone($utc)];
    }

    private static function km(Apiary $a, Apiary $b): float
    {
        return GroundDistance::km([$a->latitude, $a->longitude], [$b->latitude, $b->longitude]);
    }

    private function reading(ScaleWeight $weight): ScaleReading
    {
        return new ScaleReading(DateTimeImmutable::createFromInterface($weight->at), $weight->kg);
    }

    private function sign(FlowSign $sign): ?Evidence
    {
        $known = Sign::tryFrom($sign->sign);

        return $known === null || ! array_key_exists($sign->result, $known->results())
            ? null
            : new Evidence($known, $sign->result, DateTimeImmutable::createFromInterface($sign->seen_at));
    }
}
