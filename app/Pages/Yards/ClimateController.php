<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Foundation\Http\Saved;
use App\Models\Apiary;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Reserve\Climate;
use Marjoram\Core\Reserve\ClimateSeries;

/** A yard's climate from a named one, or from the temperatures of a station. */
final class ClimateController
{
    public function update(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate([
            'preset' => ['nullable', Rule::in(array_keys(Climate::presets()))],
            'file' => ['nullable', 'file', 'max:4096'],
            'pasted' => ['nullable', 'string', 'max:400000'],
            'unit' => ['nullable', Rule::in(['c', 'f'])],
        ]);
        $file = $request->file('file');
        $text =
            $file instanceof UploadedFile
                ? (string) file_get_contents($file->getRealPath())
                : (string) ($values['pasted'] ?? '');
        if (trim($text) !== '') {
            return $this->station($apiary, $text, ($values['unit'] ?? 'c') === 'f');
        }
        $preset = Climate::preset(
            (string) ($values['preset'] ??
                throw ValidationException::withMessages([
                    'preset' => __('Choose a climate, or enter the temperatures of a station.'),
                ])),
        );
        $apiary->update([
            'climate' => $preset->monthlyMeanC,
            'climate_sd' => $preset->sdC,
            'climate_source' => $preset->key,
        ]);

        return Saved::at(
            route('yards.yard', $apiary->slug).'#climate',
            __('The climate of :yard is :name.', ['yard' => $apiary->name, 'name' => __($preset->name)]),
        );
    }

    private function station(Apiary $apiary, string $text, bool $fahrenheit): RedirectResponse
    {
        $rows = TemperatureFile::read($text, $fahrenheit);
        if (! $fahrenheit && ClimateSeries::looksLikeFahrenheit(...array_column($rows, 2))) {
            throw ValidationException::withMessages([
                'unit' => __(
                    'These look like degrees Fahrenheit. If so, choose °F. Nothing was changed.',
                ),
            ]);
        }
        try {
            $series = ClimateSeries::of($rows);
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages(['pasted' => __($refusal->getMessage())]);
        }
        $apiary->update([
            'climate' => array_map(static fn (float $c): float => round($c, 2), $series->monthlyMeanC),
            'climate_sd' => round($series->sdC, 2),
            'climate_source' => trans_choice(
                '{1} a station, :count year|[2,*] a station, :count years',
                $series->years,
            ),
        ]);

        return Saved::at(
            route('yards.yard', $apiary->slug).'#climate',
            trans_choice(
                '{1} The temperatures of :count year are the normals of :yard now.|[2,*] The temperatures of :count years are the normals of :yard now.',
                $series->years,
                ['yard' => $apiary->name],
            ),
        );
    }
}
