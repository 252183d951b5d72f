<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Sheets\Pdf;
use App\Foundation\Units\Formatter;
use App\Pages\Compare\Crop;
use App\Pages\Compare\CropChart;
use App\Pages\Compare\HiveSeasons;
use App\Pages\Compare\Queens\MeritReader;
use App\Pages\Compare\YieldReader;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\Yields;

/** A season on paper: each yard with its hives drawn as the boxes that came off, and as figures. */
final readonly class SeasonReport
{
    private const YEARS = 3;

    public function __construct(
        private MeritReader $merits,
        private YieldReader $yields,
        private CurrentOperation $current,
        private Formatter $format,
        private Pdf $pdf,
    ) {
    }

    public function of(int $season, string $size): Response
    {
        $crops = $this->merits->crops();
        abort_if($crops->where('season', $season)->isEmpty(), 404);
        $core = new Yields;
        $records = $this->yields->records($crops);
        $index = $core->hiveIndex($this->yields->records($this->merits->closed()));
        $yards = (new Collection($core->byYard($records)))->where('season', $season)->keyBy('apiary');
        $years = array_values(array_filter(
            $crops->pluck('season')->unique()->sort()->values()->all(),
            static fn (int $year): bool => $year <= $season && $year > $season - self::YEARS,
        ));
        $chart = new CropChart($this->format, $years, $season, null);
        $parts = [];
        foreach ($crops->groupBy('yard') as $name => $of) {
            $rows = HiveSeasons::of($of, $season, $index);
            $mean = $yards->get($name);
            if ($mean !== null) {
                $picture = $chart->of($rows, $mean, static fn (HiveSeasons $row): string => '#');
                $svg = Pdf::printed(view('compare.paper-picture', ['picture' => $picture]));
                $parts[] = new ReportedYard(
                    (string) $name,
                    $mean,
                    'data:image/svg+xml;base64,'.base64_encode($svg),
                    $of->filter(static fn (Crop $one): bool => $one->season === $season)->values(),
                );
            }
        }

        return $this->pdf->answer(view('compare.paper', [
            'operation' => $this->current->get()->name,
            'season' => $season,
            'parts' => $parts,
        ]), strtolower($size), "marjoram-season-$season.pdf");
    }
}
