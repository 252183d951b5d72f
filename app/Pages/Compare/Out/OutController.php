<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Sheets\Csv;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\YieldImport;
use App\Pages\Compare\Queens\MeritReader;
use App\Transfer\WholeState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What leaves in open formats. */
final readonly class OutController
{
    public function index(WholeState $state, MeritReader $merits): View
    {
        return view('compare.out', [
            'tables' => YieldWorkbook::names(),
            'seasons' => $merits->crops()->pluck('season')->unique()->sortDesc()->values(),
            'imports' => YieldImport::query()->orderByDesc('id')->get(),
            'isEmpty' => $state->isEmpty(),
            'canBeTakenBack' => $state->canBeTakenBack(),
        ]);
    }

    /** All tables of Compare in one workbook. */
    public function workbook(YieldWorkbook $workbook): BinaryFileResponse
    {
        return self::sheets($workbook->write(array_keys(YieldWorkbook::names())), 'marjoram-yields.xlsx');
    }

    /** One of them. */
    public function table(Request $request, YieldWorkbook $workbook): BinaryFileResponse|StreamedResponse
    {
        $table = $request->query('of', 'hives');
        $format = $request->query('as', 'csv');
        abort_unless(is_string($table) && isset(YieldWorkbook::names()[$table]), 404);
        abort_unless(in_array($format, ['csv', 'xlsx'], true), 404);

        return $format === 'csv'
            ? Csv::download("marjoram-$table.csv", $workbook->table($table))
            : self::sheets($workbook->write([$table]), "marjoram-$table.xlsx");
    }

    private static function sheets(string $path, string $name): BinaryFileResponse
    {
        $type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

        return response()->download($path, $name, ['Content-Type' => $type])->deleteFileAfterSend();
    }

    public function yards(): JsonResponse
    {
        $features = Apiary::query()->orderBy('position')->orderBy('name')->get()->map(static fn (Apiary $one): array => [
            'type' => 'Feature',
            'geometry' => ['type' => 'Point', 'coordinates' => [$one->longitude, $one->latitude]],
            'properties' => ['name' => $one->name, 'letter' => $one->letter, 'heather' => $one->heather],
        ]);

        return new JsonResponse(
            ['type' => 'FeatureCollection', 'features' => $features->values()->all()],
            headers: [
                'Content-Type' => 'application/geo+json',
                'Content-Disposition' => 'attachment; filename="marjoram-yards.geojson"',
            ],
        );
    }

    public function season(int $season, SeasonReport $report, Formatter $format): Response
    {
        return $report->of($season, $format->preferences->paper);
    }
}
