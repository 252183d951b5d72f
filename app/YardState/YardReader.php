<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Hive;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\Flow\FlowReader;
use App\YardState\Flow\YardFlow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Maps the records of yards to the core's questions and back: a fixed number of queries, however many hives. */
final readonly class YardReader
{
    /** More yards than this are listed by their figures, and drawn one by one. */
    public const DRAWN_AT_ONCE = 6;

    public function __construct(
        private CurrentOperation $current,
        private BoxKindReader $kinds,
        private FlowReader $flows,
        private Looks\LookReader $looks,
        private Computed $kept,
    ) {
    }

    /** @return Collection<int, Apiary> all yards in the keeper's order */
    public function apiaries(): Collection
    {
        return Apiary::query()->with('harvestPlans')->orderBy('position')->orderBy('name')->get();
    }

    /**
     * @param  list<string>|null  $slugs  null for all
     * @return list<YardState>
     */
    public function read(?array $slugs = null): array
    {
        $all = $this->apiaries();
        $chosen = $slugs === null ? $all : $all->whereIn('slug', $slugs)->values();
        if ($chosen->isEmpty()) {
            return [];
        }
        $flows = $this->flows->read($all);
        $hives = $this->hives($chosen);
        $looks = $this->looks($hives);
        $decisions = Decision::query()
            ->where('stage', 'assess')
            ->whereIn('hive_id', $hives->modelKeys())
            ->orderBy('decided_at')
            ->get()
            ->keyBy('box_id');
        $byYard = $hives->groupBy(fn (Hive $hive): string => $hive->stand->apiary_id);

        return array_values(
            $chosen
                ->map(
                    fn (Apiary $apiary): YardState => $this->yard(
                        $apiary,
                        $byYard->get($apiary->id, new Collection),
                        $looks,
                        $decisions,
                        $flows[$apiary->id],
                    ),
                )
                ->all(),
        );
    }

    /** One hive afresh, without the rest of its yard. */
    public function hive(Apiary $apiary, string $code): ?HiveState
    {
        $hives = Hive::query()
            ->where('code', $code)
            ->whereHas('stand', fn (Builder $stand) => $stand->where('apiary_id', $apiary->id))
            ->with(['stand', 'places.box', 'colony.queen'])
            ->get();
        $flow = $this->flows->one($apiary, $this->apiaries(...));
        $decisions = Decision::query()
            ->where('stage', 'assess')
            ->whereIn('hive_id', $hives->modelKeys())
            ->orderBy('decided_at')
            ->get()
            ->keyBy('box_id');

        return $this->yard(
            $apiary,
            $hives,
            $this->looks($hives),
            $decisions,
            $flow,
            \App\YardState\Looks\VerdictMemo::none(),
        )->hives[$code] ?? null;
    }

    /** @return list<YardState> all yards, each as it is kept */
    public function all(): array
    {
        return array_values($this->apiaries()->map(fn (Apiary $apiary): YardState => $this->one($apiary))->all());
    }

    public function one(Apiary $apiary): YardState
    {
        return $this->kept->remember(
            "yard.$apiary->id",
            fn (): YardState => $this->read([$apiary->slug])[0],
            $apiary->revision,
        );
    }

    /**
     * @param  Collection<int, Apiary>  $apiaries
     * @return \Illuminate\Database\Eloquent\Collection<int, Hive>
     */
    private function hives(Collection $apiaries): \Illuminate\Database\Eloquent\Collection
    {
        return Hive::query()
            ->whereHas('stand', fn (Builder $stand) => $stand->whereIn('apiary_id', $apiaries->pluck('id')))
            ->with(['stand', 'places.box', 'colony.queen'])
            ->get()
            ->sortBy(fn (Hive $hive): int => $hive->stand->number)
            ->values();
    }

    /**
     * @param  Collection<int, Hive>  $hives
     * @return array<string, \App\YardState\Looks\Look> by box id
     */
    private function looks(Collection $hives): array
    {
        $since = $in = [];
        foreach ($hives as $hive) {
            foreach ($hive->places as $place) {
                $since[$place->box_id] = $place->since->format('Y-m-d');
                $in[$place->box_id] = $hive->id;
            }
        }

        return $this->looks->of($since, $in);
    }

    /**
     * @param  Collection<int, Hive>  $hives
     * @param  array<string, \App\YardState\Looks\Look>  $looks  by box id
     * @param  Collection<string, Decision>  $decisions
     */
    private function yard(
        Apiary $apiary,
        Collection $hives,
        array $looks,
        Collection $decisions,
        YardFlow $flow,
        ?Looks\VerdictMemo $memo = null,
    ): YardState {
        $memo ??= \App\YardState\Looks\VerdictMemo::ofYard($apiary->id);
        $policy = Policy::at($this->current, $apiary);
        $states = [];
        foreach ($hives as $hive) {
            $boxes = [];
            $numbers = $hive->places->countBy('role');
            $underCapped = false;
            // From the top down: what is found above bears on what is presumed below.
            foreach ($hive->places->reverse() as $place) {
                $number = $numbers[$place->role];
                $numbers[$place->role] = $number - 1;
                $box = $this->box(
                    $hive,
                    $place,
                    $number,
                    $looks[$place->box_id] ?? new \App\YardState\Looks\Look,
                    $decisions->get($place->box_id),
                    $flow,
                    $policy,
                    $memo,
                    $underCapped && $place->role === 'super',
                );
                $underCapped = $underCapped || ($box->isSuper() && $memo->countsAsCapped($box->ripeness->box));
                array_unshift($boxes, $box);
            }
            $states[$hive->code] = new HiveState($hive, $boxes);
        }
        $memo->keep();

        return new YardState($apiary, $states, $flow);
    }

    private function box(
        Hive $hive,
        BoxPlace $place,
        int $number,
        Looks\Look $look,
        ?Decision $decision,
        YardFlow $flow,
        Policy $policy,
        Looks\VerdictMemo $memo,
        bool $underCapped,
    ): BoxState {
        $fitted = $this->kinds->fitted($place->box);
        $super = \App\YardState\Looks\SuperMapper::super(
            $fitted,
            $look,
            $hive->excluder,
            $flow->forRipeness(),
            $this->current->get()->dry_room,
            $policy->text('unit') === 'frames',
            $underCapped,
        );
        [$result, $honey] = $memo->judge($super, $policy->ripeness(), $policy->comb($fitted->kind->key));
        $fresh =
            $decision !== null &&
            $decision->hive_id === $hive->id &&
            ($look->latest === null || $decision->decided_at >= $look->latest->looked_at);

        return new BoxState($place->box, $place, $number, $fitted, $look, $result, $honey, $fresh ? $decision : null);
    }
}
