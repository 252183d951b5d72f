<?php

declare(strict_types=1);

namespace App\Desk;

use App\Clear\ClearReader;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Harvest;
use App\Models\Lot;
use App\Models\ScaleWeight;
use App\Models\Treatment;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Support\SeasonCalendar;
use App\YardState\HiveState;
use App\YardState\Winter\HiveWinter;
use App\YardState\Winter\WinterReader;
use App\YardState\YardReader;
use App\YardState\YardState;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Flow;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Ripeness\Verdict;

/** Makes the summary from all stages, once for each revision of the operation's records. */
final readonly class SummaryReader
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private WinterReader $winter,
        private ClearReader $clear,
        private Computed $kept,
    ) {
    }

    public function read(): Summary
    {
        return $this->kept->remember('summary', fn (): Summary => $this->make());
    }

    private function make(): Summary
    {
        $season = $this->current->season();
        $yards = array_values(
            $this->yards
                ->apiaries()
                ->map(
                    fn (Apiary $apiary): YardSummary => $this->kept->remember(
                        "yard-summary.$apiary->id",
                        fn (): YardSummary => $this->yard($this->yards->one($apiary)),
                        $apiary->revision,
                    ),
                )
                ->all(),
        );
        $harvests = Harvest::query()
            ->where('season', $season)
            ->withSum('supers as kg', \Illuminate\Support\Facades\DB::raw('coalesce(allotted_kg, estimate_kg)'))
            ->orderBy('taken_on')
            ->get();
        $plans = Clearing::query()->where('state', '!=', 'collected')->orderBy('first_on')->get();
        $treatment = Treatment::query()
            ->where('supers_off_by', '>=', $this->current->today())
            ->orderBy('supers_off_by')
            ->first();

        return new Summary(
            $season,
            $yards,
            $this->figures($yards, $plans->first(), (float) $harvests->sum('kg')),
            $this->flow($season),
            array_values(
                $harvests
                    ->groupBy(fn (Harvest $harvest): string => $harvest->taken_on->format('Y-m-d'))
                    ->map(fn ($of, string $date): array => ['date' => $date, 'kg' => (float) $of->sum('kg')])
                    ->all(),
            ),
            array_values(
                $plans
                    ->map(
                        fn (Clearing $plan): array => ['date' => ($plan->second_on ?? $plan->first_on)->format('Y-m-d')],
                    )
                    ->all(),
            ),
            $treatment?->supers_off_by->format('Y-m-d'),
        );
    }

    private function yard(YardState $yard): YardSummary
    {
        $winter = $this->winter->read($yard);
        $clearing = $this->clear->read($yard);
        [$ripe, $sd] = $yard->ripe();
        $short = array_filter($winter, static fn (HiveWinter $hive): bool => $hive->reserve->sugarKg > 0.5);
        $sugar = array_sum(array_map(static fn (HiveWinter $hive): float => $hive->reserve->sugarKg, $short));
        $mean = $yard->flow->result->meanKgPerDay;

        return new YardSummary(
            $yard->apiary->slug,
            $yard->apiary->name,
            count($yard->hives),
            Miniature::svg(
                array_map(static fn (HiveState $hive): array => $hive->boxes, $yard->hives),
                $yard->apiary->name,
            ),
            $ripe,
            $sd,
            $yard->count(Verdict::Take),
            $yard->count(Verdict::TakeAndDry),
            $yard->toLook(),
            $yard->count(Verdict::Wait),
            count($short),
            $sugar,
            count($clearing->supers()),
            $yard->flow->sentence(),
            $mean === null ? '' : sprintf('%+.1f', $mean),
            $yard->flow->presumedFrom !== null,
            array_slice($yard->flow->result->gainKgByDate, -11, null, true),
            $clearing->offBy?->format('Y-m-d'),
            TaskList::of($yard, $clearing, $this->current->today(), count($short), $sugar),
        );
    }

    /**
     * @param  list<YardSummary>  $yards
     * @return array<string, array{string, array<string, string|int|float>}>
     */
    private function figures(array $yards, ?Clearing $plan, float $seasonKg): array
    {
        $sum = static fn (string $key): int => array_sum(
            array_map(static fn (YardSummary $yard): int => $yard->$key, $yards),
        );
        $over = count(
            array_filter($yards, static fn (YardSummary $yard): bool => $yard->flow === __('The flow is over.')),
        );
        $lots = Lot::query()
            ->whereHas('harvest', fn ($harvest) => $harvest->where('season', $this->current->season()))
            ->count();

        return [
            'watch' => [
                $over === 0 ? 'no flow over yet' : 'over in :n of :all yards',
                ['n' => $over, 'all' => count($yards)],
            ],
            'assess' => [$sum('look') === 0 ? 'nothing to look at' : ':n supers to look at', ['n' => $sum('look')]],
            'winter' => [$sum('toFeed') === 0 ? 'none to feed' : ':n hives to feed', ['n' => $sum('toFeed')]],
            'clear' => match (true) {
                $plan !== null => [
                    'next visit :day',
                    [
                        'day' => $plan->state === 'placed' && $plan->second_on !== null
                                ? $plan->second_on->format('Y-m-d')
                                : $plan->first_on->format('Y-m-d'),
                    ],
                ],
                $sum('coming') > 0 => [':n to come off', ['n' => $sum('coming')]],
                default => ['nothing to come off', []],
            },
            'honey-room' => [$lots === 1 ? '1 lot this season' : ':n lots this season', ['n' => $lots]],
            'compare' => ['season :kg', ['kg' => $seasonKg]],
        ];
    }

    /** @return array<string, float> */
    private function flow(int $season): array
    {
        $south = $this->current->get()->latitude < 0;
        $zone = new DateTimeZone('UTC');
        $weights = ScaleWeight::query()
            ->toBase()
            ->whereBetween('at', [
                SeasonCalendar::firstDay($season, $south)->format('Y-m-d'),
                $this->current->now()->setTimezone($zone)->format('Y-m-d H:i:s'),
            ])
            ->orderBy('at')
            ->get(['apiary_id', 'at', 'kg'])
            ->groupBy('apiary_id');
        $days = [];
        foreach ($weights as $of) {
            $result = (new Flow)->assess(
                array_values(
                    $of
                        ->map(
                            fn (object $row): ScaleReading => new ScaleReading(
                                new DateTimeImmutable((string) $row->at, $zone),
                                (float) $row->kg,
                            ),
                        )
                        ->all(),
                ),
                [],
                $this->current->now(),
            );
            foreach ($result->gainKgByDate as $date => $gain) {
                $days[$date][] = $gain ?? 0.0;
            }
        }
        ksort($days);

        return array_map(static fn (array $gains): float => max($gains), $days);
    }
}
