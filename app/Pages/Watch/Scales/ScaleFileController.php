<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Sheets\Columns;
use App\Foundation\Sheets\CsvText;
use App\Foundation\Sheets\Parked;
use App\Models\HiveScale;
use App\Models\ScaleImport;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A file of readings: laid aside, shown with what each column is taken for, and read in when that is right. */
final readonly class ScaleFileController
{
    public function __construct(private CurrentOperation $current, private Parked $parked)
    {
    }

    /** Lays the file aside; nothing of it counts yet. */
    public function park(Request $request, HiveScale $hiveScale): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:8192']]);
        $file = $request->file('file');
        assert($file instanceof UploadedFile);
        $text = new CsvText((string) file_get_contents($file->getRealPath()));
        if (count(ScaleFile::head($text)) < 2 || str_contains($text->text, "\0")) {
            throw ValidationException::withMessages([
                'file' => __('This file is not a CSV table. Choose a CSV file with one row per reading.'),
            ]);
        }
        $key = $this->parked->keep($this->current->get()->id, $text->text, $file->getClientOriginalName());

        return redirect()->route('watch.scales.map', [$hiveScale->id, 'file' => $key], 303);
    }

    /** What would be read in. */
    public function show(Request $request, HiveScale $hiveScale): View|RedirectResponse
    {
        $key = self::key($request);
        $parked = $this->parked->find($this->current->get()->id, $key);
        if ($parked === null) {
            return redirect()
                ->route('watch.scales', $hiveScale->load('apiary')->apiary->slug)
                ->withErrors(['file' => __('The file is no longer here. Choose it again.')]);
        }
        $text = new CsvText($parked->text);
        $mapping = $this->mapping($request, $text);

        return view('watch.map', [
            'scale' => $hiveScale->load(['apiary', 'hive']),
            'key' => $key,
            'name' => $parked->name,
            'mapping' => $mapping,
            'columns' => Columns::named(Mapping::head(ScaleFile::head($text))),
            'times' => Columns::named(Mapping::head(ScaleFile::head($text)), __('in the same column')),
            'read' => ScaleFile::read($text, $mapping, $this->zone(), $this->current->now()),
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    public function store(Request $request, HiveScale $hiveScale): RedirectResponse
    {
        $parked = $this->parked->find($this->current->get()->id, self::key($request));
        if ($parked === null) {
            throw ValidationException::withMessages([
                'file' => __('The file is no longer here. Choose it again.'),
            ]);
        }
        $text = new CsvText($parked->text);
        $read = ScaleFile::read($text, $this->mapping($request, $text), $this->zone(), $this->current->now());
        if ($read->readings === []) {
            throw ValidationException::withMessages(['at' => __('No reading can be read with these columns. Choose other columns.')]);
        }
        $import = ScaleImport::query()->create([
            'hive_scale_id' => $hiveScale->id,
            'file_name' => mb_substr($parked->name, 0, 120),
            'readings' => count($read->readings),
            'first_at' => CarbonImmutable::createFromTimestampUTC(array_key_first($read->readings)),
            'last_at' => CarbonImmutable::createFromTimestampUTC(array_key_last($read->readings)),
        ]);
        StoredReadings::write($hiveScale, $read->readings, $import->id);

        return Saved::at(
            route('watch.scales', $hiveScale->load('apiary')->apiary->slug),
            trans_choice('{1} :count reading is added.|[2,*] :count readings are added.', count($read->readings)),
        );
    }

    public function destroy(ScaleImport $scaleImport): RedirectResponse
    {
        $scaleImport->load('scale.apiary')->delete();

        return Saved::at(
            route('watch.scales', $scaleImport->scale->apiary->slug),
            __('The readings of :file are removed.', ['file' => $scaleImport->file_name]),
        );
    }

    private function mapping(Request $request, CsvText $text): Mapping
    {
        $guess = Mapping::guessed(ScaleFile::head($text));
        $values = $request->validate([
            'at' => ['nullable', 'integer', 'between:0,99'],
            'time' => ['nullable', 'integer', 'between:-1,99'],
            'weight' => ['nullable', 'integer', 'between:0,99'],
            'order' => ['nullable', Rule::in(['dmy', 'mdy', 'ymd'])],
            'unit' => ['nullable', Rule::in(['kg', 'lb'])],
        ]);
        $column = static fn (string $name, int $else): int => is_numeric($values[$name] ?? null)
            ? (int) $values[$name]
            : $else;

        return new Mapping(
            $column('at', $guess->at),
            $column('time', $guess->time),
            $column('weight', $guess->weight),
            $values['order'] ?? $guess->order,
            $values['unit'] ?? $guess->unit,
        );
    }

    private function zone(): DateTimeZone
    {
        return new DateTimeZone($this->current->get()->time_zone);
    }

    private static function key(Request $request): string
    {
        $key = $request->input('file');

        return is_string($key) ? $key : '';
    }
}
