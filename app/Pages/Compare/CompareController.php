<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\Seasons;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Sheets\Csv;
use App\Foundation\Units\Formatter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\Yields;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class CompareController
{
    public const SORTS = ['hive', 'kg', 'index', 'change'];

    private const DRAWN_AT_ONCE = 6;

    public function __construct(
        private YieldReader $yields,
        private CurrentOperation $current,
        private OperationCache $cache,
        private PlainReader $plain,
        private Seasons $seasons,
    ) {
    }

    public function index(Request $request, Formatter $format): View
    {
        $crops = $this->crops();
        $seasons = $crops->pluck('season')->unique()->sortDesc()->values();
        $season = (int) $request->query('season', (string) ($seasons->first() ?? $this->current->season()));
        $sort = in_array($request->query('sort'), self::SORTS, true) ? (string) $request->query('sort') : 'hive';
        $yard = is_string($request->query('yard')) ? $request->query('yard') : null;
        $scoped = $yard === null ? $crops : $crops->where('slug', $yard)->values();
        $core = new Yields;
        $records = $this->yields->records($crops);
        $many = $yard === null && $crops->unique('slug')->count() > self::DRAWN_AT_ONCE;
        $rows = $many
            ? HiveSeasons::ofYards($crops, $season)
            : HiveSeasons::of($scoped, $season, $core->hiveIndex($this->yields->records($crops->where('final', true))));
        $open = $rows->first(fn (HiveSeasons $row): bool => $row->hive === $request->query('hive'));
        $page = new ComparePage(
            $this->sorted($rows, $sort),
            (new Collection($core->byYard($records)))->where('season', $season)->keyBy('apiary'),
            $season,
            $seasons,
            $sort,
            $yard,
            $open,
            $many,
            self::lines($scoped),
            $this->plain->of($crops, $season),
            $open === null || $many ? [] : HiveFact::of($open->hive),
            $this->seasons->now()->isFinal($season),
            $format,
        );

        return view('compare.index', ['page' => $page]);
    }

    /** @return Collection<int, Crop> */
    private function crops(): Collection
    {
        return $this->cache->of('crops', [ScopeVersions::ALL], $this->yields->read(...));
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<QueenLine> by name
     */
    private static function lines(Collection $crops): array
    {
        $line = static fn (Collection $of, string $name): QueenLine => new QueenLine(
            $name,
            $of->pluck('queen')->unique()->count(),
            (float) $of->avg(static fn (Crop $one): float => $one->honey->kg),
        );

        return array_values($crops->whereNotNull('line')->groupBy('line')->map($line)->sortKeys()->all());
    }

    public function csv(Formatter $format): StreamedResponse
    {
        return Csv::download('marjoram-yields.csv', CropTable::of($this->crops(), $format));
    }

    /**
     * @param  Collection<int, HiveSeasons>  $rows
     * @return Collection<int, HiveSeasons>
     */
    private function sorted(Collection $rows, string $sort): Collection
    {
        return match ($sort) {
            'kg' => $rows->sortByDesc(fn (HiveSeasons $row): float => $row->kg($row->season))->values(),
            'index' => $rows->sortByDesc(fn (HiveSeasons $row): float => $row->indexKg)->values(),
            'change' => $rows
                ->sortByDesc(fn (HiveSeasons $row): float => $row->kg($row->season) - $row->kg($row->season - 1))
                ->values(),
            default => $rows,
        };
    }
}
