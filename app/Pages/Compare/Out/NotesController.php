<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Sheets\Columns;
use App\Foundation\Sheets\CsvText;
use App\Foundation\Sheets\Parked;
use App\Foundation\Sheets\Workbook;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\PastYield;
use App\Models\YieldImport;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Earlier yields from a sheet: laid aside, shown with what each column is taken for, then read in. */
final readonly class NotesController
{
    private const SEASONS = 6;

    public function __construct(private CurrentOperation $current, private Parked $parked)
    {
    }

    public function park(Request $request): RedirectResponse
    {
        $request->validate([
            'file' => ['required_without_all:table,cells', 'file', 'max:8192'],
            'table' => ['nullable', 'string', 'max:200000'],
            'cells' => ['sometimes', 'array', 'max:600'],
        ]);
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? Workbook::text($file) : $this->written($request);
        $text = $text === null ? null : YieldGrid::long($text);
        if ($text === null || iterator_count((new CsvText($text))->rows()) < 2) {
            throw ValidationException::withMessages([
                'file' => __('This file is not a table. Choose a CSV, XLSX or ODS file with one row per hive and season.'),
            ]);
        }

        return redirect()->route('compare.notes.map', [
            'file' => $this->parked->keep(
                $this->current->get()->id,
                $text,
                $file instanceof UploadedFile ? $file->getClientOriginalName() : __('your notebook'),
            ),
        ], 303);
    }

    /** Pasted, or typed in the grid; null where nothing is. */
    private function written(Request $request): ?string
    {
        $pasted = trim($request->string('table')->toString());
        $unit = app(Formatter::class)->preferences->pounds() ? 'lb' : 'kg';

        return $pasted !== '' ? $pasted : (YieldGrid::typed($request->array('cells'), $unit) ?: null);
    }

    /** Hives down, past seasons across. */
    public function grid(YardReader $yards): View
    {
        $season = $this->current->season();

        return view('compare.grid', [
            'seasons' => range($season - self::SEASONS, $season - 1),
            'hives' => $this->homes($yards),
        ]);
    }

    public function show(Request $request, YardReader $yards): View|RedirectResponse
    {
        $key = self::key($request);
        $parked = $this->parked->find($this->current->get()->id, $key);
        if ($parked === null) {
            return redirect()->route('compare.out')->withErrors([
                'file' => __('The file is no longer here. Choose it again.'),
            ]);
        }
        $text = new CsvText($parked->text);
        $columns = $this->columns($request, $text);

        return view('compare.map', [
            'key' => $key,
            'name' => $parked->name,
            'names' => Columns::named(self::head($text)[0] ?? [], __('none')),
            'columns' => $columns,
            'read' => $read = $this->read($text, $columns, $request, $yards),
            'unknown' => self::pastHives($read->unknown($this->homes($yards))),
            'yard' => $this->yard($request),
        ]);
    }

    public function store(Request $request, YardReader $yards): RedirectResponse
    {
        $parked = $this->parked->find($this->current->get()->id, self::key($request));
        if ($parked === null) {
            throw ValidationException::withMessages([
                'file' => __('The file is no longer here. Choose it again.'),
            ]);
        }
        $text = new CsvText($parked->text);
        $read = $this->read($text, $this->columns($request, $text), $request, $yards);
        if ($read->rows === []) {
            throw ValidationException::withMessages(['kg' => __('No row can be read with these columns. Choose other columns.')]);
        }
        $import = YieldImport::query()->create([
            'file_name' => mb_substr($parked->name, 0, 120),
            'rows' => count($read->rows),
        ]);
        foreach ($read->rows as $row) {
            PastYield::query()->create(['yield_import_id' => $import->id] + $row);
        }

        return Saved::at(route('compare.out'), trans_choice(
            '{1} :count yield is added.|[2,*] :count yields are added.',
            count($read->rows),
        ));
    }

    public function destroy(YieldImport $yieldImport): RedirectResponse
    {
        foreach ($yieldImport->claim(null)->load('yields')->yields as $one) {
            $one->delete();
        }
        $yieldImport->delete();

        return Saved::at(route('compare.out'), __('The yields of :file are removed.', ['file' => $yieldImport->file_name]));
    }

    private function read(CsvText $text, YieldColumns $columns, Request $request, YardReader $yards): YieldSheet
    {
        return YieldSheet::read(
            $text,
            $columns,
            $this->yard($request),
            $this->homes($yards),
            $this->current->season(),
        );
    }

    /** @param  list<string>  $hives  that stand in no yard now */
    private static function pastHives(array $hives): string
    {
        return trans_choice(
            '{0}|{1} No such hive stands in your yards now: :hives. It is added as a past hive.'
                .'|[2,*] No such hives stand in your yards now: :hives. They are added as past hives.',
            count($hives),
            ['hives' => implode(', ', $hives)],
        );
    }

    /** @return array<string, string> the yard of each hive, by its code */
    private function homes(YardReader $yards): array
    {
        $homes = [];
        foreach ($yards->apiaries() as $apiary) {
            $homes += array_fill_keys(array_map(strval(...), array_keys($yards->hiveIds($apiary))), $apiary->name);
        }

        return $homes;
    }

    /** Where no column names it: as it is typed, or the first yard. */
    private function yard(Request $request): string
    {
        $typed = is_string($request->input('yard_name')) ? trim($request->input('yard_name')) : '';

        return $typed !== '' ? mb_substr($typed, 0, 80) : (string) Apiary::query()->orderBy('position')->value('name');
    }

    private function columns(Request $request, CsvText $text): YieldColumns
    {
        $guess = YieldColumns::guessed(self::head($text));
        $column = ['nullable', 'integer', 'between:-1,99'];
        $values = $request->validate([
            'hive' => $column,
            'season' => $column,
            'kg' => $column,
            'queen' => $column,
            'yard' => $column,
            'unit' => ['nullable', Rule::in(['kg', 'lb'])],
            'yard_name' => ['nullable', 'string', 'max:80'],
        ]);
        $chosen = static fn (string $name, int $else): int => is_numeric($values[$name] ?? null)
            ? (int) $values[$name]
            : $else;

        return new YieldColumns(
            $chosen('hive', $guess->hive),
            $chosen('season', $guess->season),
            $chosen('kg', $guess->kg),
            $chosen('queen', $guess->queen),
            $chosen('yard', $guess->yard),
            $values['unit'] ?? $guess->unit,
        );
    }

    /** @return list<list<string>> */
    private static function head(CsvText $text): array
    {
        $head = [];
        foreach ($text->rows() as $cells) {
            $head[] = $cells;
            if (count($head) >= 8) {
                break;
            }
        }

        return $head;
    }

    private static function key(Request $request): string
    {
        $key = $request->input('file');

        return is_string($key) ? $key : '';
    }
}
