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
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\Sign;

/** Maps scale weights and signs of the yards to the core's question about the flow. */
final readonly class FlowReader
{
    private const NEIGHBOUR_KM = 15.0;

    private const DAYS = 24;

    public function __construct(private CurrentOperation $current, private Computed $kept)
    {
    }

    /**
     * @param  Collection<int, Apiary>  $apiaries  all of the operation
     * @return array<string, YardFlow> by apiary id
     */
    public function read(Collection $apiaries): array
    {
        return $this->kept->remember('flows', fn (): array => $this->make($apiaries));
    }

    /**
     * The flow of one yard, kept by itself: thirty yards' flows are much to read for one hive.
     *
     * @param  \Closure(): Collection<int, Apiary>  $all  yards of the operation
     */
    public function one(Apiary $apiary, \Closure $all): YardFlow
    {
        return $this->kept->remember("flow.$apiary->id", fn (): YardFlow => $this->read($all())[$apiary->id]);
    }

    /**
     * @param  Collection<int, Apiary>  $apiaries
     * @return array<string, YardFlow>
     */
    private function make(Collection $apiaries): array
    {
        $now = $this->current->now();
        $since = $now->modify('-'.self::DAYS.' days')->setTimezone(new DateTimeZone('UTC'));
        $until = $now->setTimezone(new DateTimeZone('UTC'));
        $weights = ScaleWeight::query()
            ->whereBetween('at', [$since, $until])
            ->orderBy('at')
            ->get()
            ->groupBy('apiary_id');
        $signs = FlowSign::query()
            ->whereBetween('seen_at', [$since, $until])
            ->orderBy('seen_at')
            ->get()
            ->groupBy('apiary_id');
        $flows = [];
        foreach ($apiaries as $apiary) {
            $source = $weights->has($apiary->id) ? $apiary : $this->neighbour($apiary, $apiaries, $weights);
            $readings =
                $source === null
                    ? []
                    : array_values($weights->get($source->id, new Collection)->map($this->reading(...))->all());
            $evidence = array_values(
                array_filter($signs->get($apiary->id, new Collection)->map($this->evidence(...))->all()),
            );
            $flows[$apiary->id] = new YardFlow(
                (new Flow)->assess($readings, $evidence, $now),
                $source === $apiary ? $weights->get($apiary->id)?->last()?->hive_id : null,
                $source === null || $source === $apiary ? null : $source->name,
                $evidence,
            );
        }

        return $flows;
    }

    /**
     * The nearest yard with a scale and the same kind of flow (heather is a flow of its own).
     *
     * @param  Collection<int, Apiary>  $apiaries
     * @param  Collection<string, Collection<int, ScaleWeight>>  $weights
     */
    private function neighbour(Apiary $apiary, Collection $apiaries, Collection $weights): ?Apiary
    {
        return $apiaries
            ->filter(
                fn (Apiary $other): bool => $weights->has($other->id) &&
                    $other->heather === $apiary->heather &&
                    self::km($apiary, $other) <= self::NEIGHBOUR_KM,
            )
            ->sortBy(fn (Apiary $other): float => self::km($apiary, $other))
            ->first();
    }

    private static function km(Apiary $a, Apiary $b): float
    {
        return GroundDistance::km([$a->latitude, $a->longitude], [$b->latitude, $b->longitude]);
    }

    private function reading(ScaleWeight $weight): ScaleReading
    {
        return new ScaleReading(DateTimeImmutable::createFromInterface($weight->at), $weight->kg);
    }

    private function evidence(FlowSign $sign): ?Evidence
    {
        $known = Sign::tryFrom($sign->sign);

        return $known === null || ! array_key_exists($sign->result, $known->results())
            ? null
            : new Evidence($known, $sign->result, DateTimeImmutable::createFromInterface($sign->seen_at));
    }
}
