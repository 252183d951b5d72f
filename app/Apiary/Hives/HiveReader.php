<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Flow\YardFlow;
use App\Apiary\Inspections\Look;
use App\Apiary\Inspections\LookReader;
use App\Apiary\Inspections\NotedReading;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\SeasonNow;
use App\Apiary\Operation\Seasons;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Hive;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Items;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Hives\Circumstances;
use Marjoram\Core\Hives\Hives;
use Marjoram\Core\Hives\KnownBox;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Ripeness\Shake;

/** Reads hives from their records and judges their boxes: a fixed number of queries, however many hives. */
final readonly class HiveReader
{
    public function __construct(
        private CurrentOperation $current,
        private BoxKindReader $kinds,
        private LookReader $looks,
        private Hives $boxes,
        private Seasons $seasons,
    ) {
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, HiveState> by hive id
     */
    public function read(Apiary $apiary, array $ids, YardFlow $flow): array
    {
        $hives = Hive::query()->whereIn('id', $ids)->with(['places.box', 'colony.queen.mark', 'colonies'])->get();
        $looks = $this->looksOf($hives);
        $decisions = Decision::query()
            ->whereIn('stage', ['assess', 'winter'])
            ->whereIn('hive_id', $ids)
            ->orderBy('decided_at')
            ->get()
            ->keyBy('box_id');
        $policy = Policy::at($this->current, $apiary);
        $states = [];
        foreach ($hives as $hive) {
            $states[$hive->id] = $this->hive($hive, $looks, $decisions, $policy, $flow);
        }

        return $states;
    }

    /**
     * @param  Collection<int, Hive>  $hives
     * @return array<string, Look> by box id
     */
    private function looksOf(Collection $hives): array
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
     * @param  array<string, Look>  $looks
     * @param  Items<string, Decision>  $decisions
     */
    private function hive(Hive $hive, array $looks, Items $decisions, Policy $policy, YardFlow $flow): HiveState
    {
        $known = [];
        $season = $this->seasons->now();
        foreach ($hive->places as $place) {
            $fitted = $this->kinds->fitted($place->box);
            $look = ($looks[$place->box_id] ?? new Look)->within($fitted->framesFitted);
            $isOld = self::isOfLastSeason($place, $look, $season);
            $looks[$place->box_id] = $look = $isOld && $season->isOn ? $look->forgotten() : $look;
            $known[] = $this->known($place, $fitted, $look, $policy, $isOld && ! $season->isOn, $flow->endedOn());
        }
        $judged = $this->boxes->judge($known, new Circumstances(
            $policy->ripeness,
            $flow->forRipeness(),
            $hive->excluder,
            $this->current->get()->dry_room,
            $policy->frameByFrame,
            $policy->hasRefractometer,
        ));
        $numbers = $boxes = [];
        foreach ($hive->places as $i => $place) {
            $number = $numbers[$place->role] = ($numbers[$place->role] ?? 0) + 1;
            $look = $looks[$place->box_id];
            $boxes[] = new BoxState(
                $place->role === 'super',
                new Position($hive->id, $hive->code, $place->box->mark, $number, $place->since->toDateTimeImmutable()),
                $known[$i]->fitted,
                $look,
                $judged[$i],
                self::decided($hive, $look, $decisions->get($place->box_id), $season),
            );
        }

        return new HiveState(
            $hive->id,
            $hive->code,
            $hive->excluder,
            $hive->colony?->queen?->code,
            $boxes,
            ! $hive->isEmpty(),
            $hive->notes,
            $hive->colony?->queen?->mark?->mark,
        );
    }

    /** Collects what the core needs to judge a box. */
    private function known(
        BoxPlace $place,
        FittedBox $fitted,
        Look $look,
        Policy $policy,
        bool $ofLastSeason,
        ?DateTimeImmutable $flowEnded,
    ): KnownBox {
        $inBox = static fn (int $slot): bool => $slot <= $fitted->framesFitted;

        return new KnownBox(
            $place->box_id,
            $place->role === 'super',
            $fitted,
            $policy->comb($fitted->kind->key),
            array_values(array_filter($look->frames, $inBox, ARRAY_FILTER_USE_KEY)),
            Shake::tryFrom($look->shake ?? ''),
            array_map(static fn (NotedReading $one): Reading => $one->reading, $look->readings),
            count($look->gaps),
            $look->daysSinceLast,
            $look->lastCappedShare,
            $this->daysSinceEmpty($place, $look),
            $flowEnded === null ? null : $this->daysSinceEmpty($place, $look, $flowEnded),
            $ofLastSeason,
        );
    }

    /** A super that was on before the season, and that nobody has inspected in it. */
    private static function isOfLastSeason(BoxPlace $place, Look $look, SeasonNow $season): bool
    {
        $since = new DateTimeImmutable($place->since->format('Y-m-d'), $season->since->getTimezone());

        return $place->role === 'super' && ! $season->isOfThis($look->at) && ! $season->isOfThis($since);
    }

    /** Up to the look that what is known comes from, or to an earlier day. */
    private function daysSinceEmpty(BoxPlace $place, Look $look, ?DateTimeImmutable $atMost = null): ?float
    {
        if ($place->put_on === null || $place->put_on === 'filled') {
            return null;
        }
        $today = $this->current->today();
        $until = ($look->at ?? $today)->setTimezone($today->getTimezone())->format('Y-m-d');
        $until = min($until, $atMost?->format('Y-m-d') ?? $until);

        return max(0.0, (float) $place->since->diff($until)->format('%r%a'));
    }

    /** A decision, the newest, stands until somebody looks again, or the season ends. */
    private static function decided(Hive $hive, Look $look, ?Decision $decision, SeasonNow $season): ?Decided
    {
        if ($decision === null || $decision->hive_id !== $hive->id) {
            return null;
        }
        $stands = $season->isOfThis($decision->decided_at->toDateTimeImmutable())
            && ($look->at === null || $decision->decided_at >= $look->at);

        return ! $stands ? null : new Decided(
            $decision->id,
            $decision->choice === 'take',
            $decision->note,
            $decision->stage === 'winter',
        );
    }
}
