<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\YardSeason;

/** Hives, or whole yards, next to each other in a season. */
final readonly class ComparePage
{
    private const YEARS = 5;

    /**
     * @param  Collection<int, HiveSeasons>  $rows
     * @param  Collection<string, YardSeason>  $yards  by name
     * @param  Collection<int, int>  $seasons  newest first
     * @param  ?HiveSeasons  $open  the chosen hive
     * @param  bool  $many  whole yards stand for their hives
     * @param  list<QueenLine>  $lines
     * @param  array<string, PlainFigures>  $plain  by yard
     * @param  list<HiveFact>  $facts  of the chosen hive
     * @param  bool  $isFinal  the chosen season is closed
     */
    public function __construct(
        public Collection $rows,
        private Collection $yards,
        public int $season,
        public Collection $seasons,
        public string $sort,
        public ?string $yard,
        public ?HiveSeasons $open,
        private bool $many,
        public array $lines,
        private array $plain,
        public array $facts,
        private bool $isFinal,
        private Formatter $format,
    ) {
    }

    public function heading(): string
    {
        if ($this->rows->isEmpty()) {
            return __('No harvest yet');
        }
        $kg = $this->rows->map(fn (HiveSeasons $row): float => $row->kg($this->season));
        $producing = $kg->filter(fn (float $one): bool => $one > 0)->count();

        $figures = [
            'kg' => $this->format->kg((float) $kg->sum(), 0),
            'mean' => $this->format->kg($producing > 0 ? $kg->sum() / $producing : 0.0, 0),
        ];

        return $this->isFinal
            ? __(':kg, :mean a producing hive', $figures)
            : __(':kg so far, :mean a producing hive', $figures);
    }

    /** What a hive gave in the chosen season. */
    public function crop(HiveSeasons $row): string
    {
        return match (true) {
            isset($row->seasons[$this->season]) => $this->format->kg($row->kg($this->season)),
            $this->isFinal => '–',
            default => __('not harvested yet'),
        };
    }

    /** The difference to the season before; empty where one of both is not known. */
    public function change(HiveSeasons $row): string
    {
        return isset($row->seasons[$this->season], $row->seasons[$this->season - 1])
            ? $this->format->kg($row->kg($this->season) - $row->kg($this->season - 1))
            : '–';
    }

    /** What a yard gave, as a beekeeper checks it by hand. */
    public function yardWords(string $name): string
    {
        $yard = $this->yards->get($name);
        if ($yard === null) {
            return '';
        }
        $mean = __(':kg a producing hive', ['kg' => $this->format->kg($yard->meanProducingKg, 0)]);
        if ($yard->changeKg !== null) {
            $change = $this->format->kg(abs($yard->changeKg), 0).' '.__('to the season before');
            $mean .= ' ('.($yard->changeKg >= 0 ? '+' : '−')."$change)";
        }

        return implode(' · ', array_filter([
            $this->format->kg($yard->totalKg, 0),
            $mean,
            ($this->plain[$name] ?? null)?->words($this->format) ?? '',
            __(':p of the crop', ['p' => $this->format->percent($yard->shareOfCrop)]),
            __('best :a, weakest :b', ['a' => $yard->best, 'b' => $yard->worst]),
        ]));
    }

    /** @param  Collection<int, HiveSeasons>  $rows  of one yard */
    public function chart(string $name, Collection $rows): Picture
    {
        $chart = new CropChart($this->format, $this->years(), $this->season, $this->open?->hive);
        $link = fn (HiveSeasons $row): string => $this->link($row, null);

        return $chart->of($rows, $this->yards->get($name), $link);
    }

    public function link(HiveSeasons $row, ?string $sort): string
    {
        return route('compare.index', array_filter([
            'season' => $this->season,
            'yard' => $this->many ? $row->slug : $this->yard,
            'hive' => $this->many ? null : $row->hive,
            'sort' => $sort,
        ]));
    }

    public function seasonLink(int $season): string
    {
        return route('compare.index', array_filter([
            'season' => $season,
            'yard' => $this->yard,
            'sort' => $this->sort === 'hive' ? null : $this->sort,
        ]));
    }

    public function sortLink(string $sort): string
    {
        return route('compare.index', array_filter([
            'season' => $this->season,
            'yard' => $this->yard,
            'sort' => $sort,
        ]));
    }

    /** @return array<string, string> the columns that may be sorted by, with their words */
    public function sorts(): array
    {
        return [
            'hive' => __('Hive'),
            'kg' => (string) $this->season,
            'change' => __('to :year', ['year' => $this->season - 1]),
            'index' => __('compared with neighbours, per season'),
        ];
    }

    /** @return list<int> the newest, oldest first */
    public function years(): array
    {
        return array_values($this->seasons->sort()->take(-self::YEARS)->all());
    }

    /** @return list<int> beside the chosen one, newest first */
    public function otherYears(): array
    {
        return array_values(array_reverse(array_diff($this->years(), [$this->season])));
    }
}
