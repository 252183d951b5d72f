<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Operation\CurrentOperation;
use App\Devices\AllowedAddress;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Instrument;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Calibration\InstrumentCheck;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/** Refractometers, and the offset that a sample of known water gives them. */
final class InstrumentController
{
    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'scale' => ['required', Rule::enum(RefractometerScale::class)],
            'compensated' => ['required', 'boolean'],
            'address' => ['nullable', 'string', 'max:200'],
        ]);
        $address = isset($values['address']) ? trim((string) $values['address']) : '';
        if ($address !== '' && ! AllowedAddress::configured()->allows($address)) {
            throw ValidationException::withMessages([
                'address' => __('An address such as http://192.168.1.20 in your own network, or the word stand-in.'),
            ]);
        }
        if (Instrument::query()->where('name', $values['name'])->exists()) {
            throw ValidationException::withMessages(['name' => __('An instrument with this name exists already.')]);
        }
        Instrument::query()->create([
            'name' => $values['name'],
            'scale' => $values['scale'],
            'compensated' => (bool) $values['compensated'],
            'address' => $address === '' ? null : $address,
        ]);

        return Saved::at(route('calibrate.show').'#instruments', __(':name is saved.', ['name' => $values['name']]));
    }

    public function destroy(Instrument $instrument): RedirectResponse
    {
        $instrument->delete();

        return Saved::at(
            route('calibrate.show').'#instruments',
            __(':name is removed.', ['name' => $instrument->name]),
        );
    }

    /** Readings of a sample whose water is known: from them the offset. */
    public function check(
        Request $request,
        Instrument $instrument,
        Formatter $f,
        CurrentOperation $current,
    ): RedirectResponse {
        $values = $request->validate(
            [
                'known' => ['required', 'numeric', 'between:10,30'],
                'readings' => ['required', 'string', 'max:120', 'regex:/^\s*\d+(\.\d+)?(\s*[; ]\s*\d+(\.\d+)?)*\s*$/'],
                'temperature' => ['required', 'numeric'],
            ],
            ['readings.regex' => __('Enter readings with spaces between them, such as 17.2 17.4 17.3.')],
        );
        preg_match_all('/\d+(\.\d+)?/', (string) $values['readings'], $given);
        $celsius = round($f->temperatureToC((float) $values['temperature']), 2);
        try {
            $readings = array_map(
                static fn (string $one): Reading => new Reading(
                    RefractometerScale::from($instrument->scale),
                    (float) $one,
                    $celsius,
                    $instrument->compensated,
                ),
                $given[0],
            );
            $check = InstrumentCheck::of(
                $readings === []
                    ? throw InvalidInput::because(__('No reading was given.'), __('at least one'))
                    : $readings,
                (float) $values['known'],
            );
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages(['readings' => __($refusal->getMessage())]);
        }
        $instrument->update([
            'offset' => round($check->offset, 5),
            'offset_sd' => round($check->sd, 5),
            'checked_on' => $current->day(),
        ]);

        return Saved::at(
            route('calibrate.show').'#instruments',
            __('The offset of :name is :n.', ['name' => $instrument->name, 'n' => sprintf('%+.4g', $check->offset)]),
        );
    }
}
