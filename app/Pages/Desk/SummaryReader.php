<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Seasons;
use App\Apiary\Overview\ComingReader;
use App\Apiary\Overview\TaskSource;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Harvest;
use App\Models\Scopes;
use App\Models\TakenSuper;
use App\Models\Treatment;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Ripeness\Verdict;

/** Makes the summary from all stages, once for each change of the operation's records; each yard's part by itself. */
final readonly class SummaryReader
{
    public function __construct(
        private CurrentOperation $current,
        private OperationCache $cache,
        private YardReader $yards,
        private WinterReader $winter,
        private ComingReader $coming,
        private SeasonFlow $flow,
        private StageFigures $figures,
        private Seasons $seasons,
    ) {
    }

    public function read(): Summary
    {
        return $this->cache->of('summary', [ScopeVersions::ALL], $this->make(...));
    }

    private function make(): Summary
    {
        $season = $this->current->season();
        $yards = array_values($this->yards->apiaries()->map($this->yard(...))->all());
        $harvests = $this->harvests($season);
        $clearings = Clearing::open($this->seasons->now()->since)->orderBy('first_on')->get();
        $treatment = Treatment::query()
            ->where('supers_off_by', '>=', $this->current->today())
            ->orderBy('supers_off_by')
            ->first();
        $inOn = static fn (Clearing $one): DateTimeImmutable => self::day($one->inOn());
        $kg = array_sum(array_map(static fn (SeasonHarvest $one): float => $one->kg, $harvests));

        return new Summary(
            $this->seasons->now(),
            $yards,
            $this->figures->of($yards, $clearings->first(), $kg),
            $this->cache->of('season-flow', [Scopes::WEIGHTS], $this->flow->read(...)),
            $harvests,
            array_values($clearings->map($inOn)->all()),
            $treatment === null ? null : self::day($treatment->supers_off_by),
        );
    }

    private function yard(Apiary $apiary): YardSummary
    {
        return $this->cache->of(
            "yard-summary.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): YardSummary => $this->makeYard($apiary),
            [
                $this->winter->context($apiary),
                $this->yards->flow($apiary)->outline(),
                $this->cache->once('wet', static fn (): array => TakenSuper::yardsOfWet()),
            ],
        );
    }

    private function makeYard(Apiary $apiary): YardSummary
    {
        $coming = $this->coming->of($apiary);
        $overview = $coming->overview;
        $tasks = static fn (TaskSource $source): array => $source->tasks($apiary, $coming);

        return new YardSummary(
            $apiary->slug,
            $apiary->name,
            count($overview->hives),
            Miniature::of($overview),
            $overview->ripe()->kg,
            $overview->count(Verdict::Take),
            $overview->count(Verdict::TakeAndDry),
            $this->seasons->now()->asksToInspect() ? $overview->toInspect() : 0,
            $overview->count(Verdict::Wait),
            $this->winter->season($apiary)->isTimeToFeed() ? $overview->hivesToFeed() : 0,
            count($overview->storesUnknown()),
            $overview->sugarKg(),
            count($coming->supers()),
            FlowSummary::of($this->yards->flow($apiary)),
            $coming->treatment,
            array_merge([], ...array_map($tasks, self::sources())),
        );
    }

    /** @return list<SeasonHarvest> in the order of their days */
    private function harvests(int $season): array
    {
        $byDay = [];
        $harvests = Harvest::query()
            ->where('season', $season)
            ->withSum('supers as kg', DB::raw('coalesce(allotted_kg, estimate_kg)'))
            ->orderBy('taken_on')
            ->get();
        foreach ($harvests as $harvest) {
            $day = $harvest->taken_on->format('Y-m-d');
            $kg = $harvest->getAttribute('kg');
            $byDay[$day] = ($byDay[$day] ?? 0.0) + (is_numeric($kg) ? (float) $kg : 0.0);
        }
        $one = static fn (string $day, float $kg): SeasonHarvest => new SeasonHarvest(new DateTimeImmutable($day), $kg);

        return array_map($one, array_map(strval(...), array_keys($byDay)), array_values($byDay));
    }

    /** @return list<TaskSource> */
    private static function sources(): array
    {
        /** @var list<class-string<TaskSource>> $classes */
        $classes = config('stages.tasks');

        return array_map(static fn (string $class): TaskSource => app($class), $classes);
    }

    private static function day(DateTimeInterface $on): DateTimeImmutable
    {
        return new DateTimeImmutable($on->format('Y-m-d'));
    }
}
