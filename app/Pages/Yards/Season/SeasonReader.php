<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\OverviewReader;
use App\Foundation\Http\Linked;
use App\Foundation\Units\Formatter;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\FollowUp;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use Marjoram\Core\Comb\BoxKind;

/** Collects what the page of the season shows. */
final readonly class SeasonReader
{
    private const USUAL_KIND = 'langstroth-medium-10';

    public function __construct(
        private Seasons $seasons,
        private YardReader $yards,
        private OverviewReader $overviews,
        private BoxKindReader $kinds,
        private Formatter $format,
    ) {
    }

    public function read(): SeasonPage
    {
        $now = $this->seasons->now();
        $closing = $now->toClose ?? ($now->isOn ? $now->season : null);
        $kind = $this->usualKind();

        return new SeasonPage(
            $now,
            $closing,
            $closing === null ? [] : $this->open(),
            $closing === null ? [] : $this->supers(),
            Hive::query()->where('excluder', true)->count(),
            $now->isOn || $now->isClosed ? [] : $this->hives(),
            $this->on(),
            $kind,
            array_map(static fn (BoxKind $one): string => $one->name, $this->kinds->all()),
            Box::query()->where('kind', $kind)->whereDoesntHave('place')->exists(),
        );
    }

    /** @return list<Linked> */
    private function open(): array
    {
        return [...$this->clearings(), ...$this->ofYards(), ...$this->lots(), ...$this->followUps()];
    }

    /** @return list<Linked> */
    private function clearings(): array
    {
        $open = Clearing::open()->with(['apiary', 'items'])->orderBy('first_on')->get();

        return array_values($open->map(fn (Clearing $one): Linked => new Linked(
            $one->hasBoardOn()
                ? __(':yard: boards are on. Fetch them before you close.', ['yard' => $one->apiary->name])
                : __(':yard: a visit is planned for :day. Closing gives it up.', [
                    'yard' => $one->apiary->name,
                    'day' => $this->format->day($one->first_on),
                ]),
            route('clear.plan', $one->id),
        ))->all());
    }

    /** @return list<Linked> */
    private function ofYards(): array
    {
        $open = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $yard = $this->overviews->of($apiary);
            $ripe = $yard->mayComeOff()->kg;
            if ($ripe >= 1.0) {
                $open[] = new Linked(
                    __(':yard: ~:kg ripe may come off.', [
                        'yard' => $apiary->name,
                        'kg' => $this->format->kg($ripe, 0),
                    ]),
                    route('clear.yard', $apiary->slug),
                );
            }
            if ($yard->hivesToFeed() > 0) {
                $open[] = new Linked(
                    trans_choice(
                        '{1} :yard: :count hive needs feed for winter.|[2,*] :yard: :count hives need feed for winter.',
                        $yard->hivesToFeed(),
                        ['yard' => $apiary->name],
                    ),
                    route('winter.yard', $apiary->slug),
                );
            }
        }

        return $open;
    }

    /** @return list<Linked> lots with honey that is not extracted or not weighed */
    private function lots(): array
    {
        $open = [];
        $full = TakenSuper::query()
            ->whereIn('station', [Station::Door, Station::Dry])
            ->selectRaw('harvest_id, count(*) as n')
            ->groupBy('harvest_id')
            ->pluck('n', 'harvest_id');
        $lots = Lot::query()
            ->where(static fn ($lot) => $lot->whereIn('harvest_id', $full->keys())->orWhereDoesntHave('buckets'))
            ->orderBy('code')
            ->get();
        foreach ($lots as $lot) {
            $n = $full->get($lot->harvest_id);
            $open[] = new Linked(
                is_numeric($n)
                    ? trans_choice(
                        '{1} Lot :lot: :count super or frame is not extracted.'
                            .'|[2,*] Lot :lot: :count supers and frames are not extracted.',
                        (int) $n,
                        ['lot' => $lot->code],
                    )
                    : __('Lot :lot: no bucket is weighed. Its yields stay estimates.', ['lot' => $lot->code]),
                route('honey-room.lot', $lot->id),
            );
        }

        return $open;
    }

    /** @return list<Linked> */
    private function followUps(): array
    {
        $open = FollowUp::query()->whereNull('done_at')->with('apiary')->orderBy('due_on')->orderBy('id')->get();

        return array_values($open->map(static fn (FollowUp $one): Linked => new Linked(
            __(':yard: :what.', ['yard' => $one->apiary->name, 'what' => $one->words()]),
            route('clear.index').'#after',
        ))->all());
    }

    /** @return array<string, list<StandingSuper>> by yard */
    private function supers(): array
    {
        $found = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $supers = $this->overviews->of($apiary)->supers();
            if ($supers !== []) {
                $found[$apiary->name] = array_map(
                    static fn (JudgedSuper $one): StandingSuper => new StandingSuper($one),
                    $supers,
                );
            }
        }

        return $found;
    }

    /** @return array<string, list<Hive>> by yard */
    private function hives(): array
    {
        $found = [];
        $hives = Hive::query()->with(['stand.apiary', 'colony.queen', 'colonies'])->get();
        foreach ($hives->sortBy('code', SORT_NATURAL) as $hive) {
            if (! $hive->isEmpty()) {
                $found[$hive->stand->apiary->name][] = $hive;
            }
        }

        return $found;
    }

    /** @return array<string, int> supers that are on, by the id of their hive */
    private function on(): array
    {
        return BoxPlace::query()
            ->whereNull('until')
            ->where('role', 'super')
            ->selectRaw('hive_id, count(*) as n')
            ->groupBy('hive_id')
            ->pluck('n', 'hive_id')
            ->map(static fn (mixed $n): int => is_numeric($n) ? (int) $n : 0)
            ->all();
    }

    /** Of which the operation has most as supers. */
    private function usualKind(): string
    {
        $kind = Box::query()
            ->whereHas('history', static fn ($place) => $place->where('role', 'super'))
            ->groupBy('kind')
            ->orderByRaw('count(*) desc')
            ->value('kind');

        return is_string($kind) ? $kind : self::USUAL_KIND;
    }
}
