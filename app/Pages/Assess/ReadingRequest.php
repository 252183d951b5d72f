<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Foundation\Http\MeasuredRequest;
use App\Foundation\Units\Formatter;
use App\Models\Instrument;
use App\Words\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;

/** A refractometer reading as read: the core itself says whether it can be. */
final class ReadingRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'scale' => ['required', Rule::enum(RefractometerScale::class)],
            'value' => ['required', 'numeric'],
            'temperature' => ['nullable', 'numeric'],
            'atc' => ['nullable', Rule::in(['yes', 'no', 'usual'])],
            'seen_on' => ['nullable', 'date_format:Y-m-d'],
            'instrument' => ['nullable', 'string', 'max:26'],
            'offset' => ['nullable', 'numeric', 'between:-10,10'],
            'cells' => ['nullable', Rule::enum(CellsRead::class)],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                try {
                    (new Refractometry)->convert($this->reading());
                } catch (InvalidInput $refusal) {
                    $field = ['/temperature_c' => 'temperature', '/offset' => 'offset'][$refusal->pointer] ?? 'value';
                    $validator
                        ->errors()
                        ->add($field, app(Wording::class)->refusal($refusal).($field === 'value'
                            ? $this->otherScale()
                            : ''));
                }
            },
        ];
    }

    /** A reading of another scale is the likeliest mistake: the message says so. */
    private function otherScale(): string
    {
        $value = (float) $this->string('value')->toString();
        foreach (
            [
                'nd' => __('This value looks like a refractive index: choose nD.'),
                'brix' => __('This value looks like degrees Brix: choose °Brix.'),
                'water' => __('This value looks like water: choose water %.'),
            ] as $scale => $words
        ) {
            [$lo, $hi] = RefractometerScale::from($scale)->range();
            if ($value >= $lo && $value <= $hi && $scale !== $this->scale()->value) {
                return ' '.$words;
            }
        }

        return '';
    }

    public function instrument(): ?Instrument
    {
        $id = $this->string('instrument')->toString();

        return $id === '' ? null : Instrument::query()->whereKey($id)->first();
    }

    public function day(): ?string
    {
        $day = $this->string('seen_on')->toString();

        return $day === '' ? null : $day;
    }

    private function scale(): RefractometerScale
    {
        return RefractometerScale::from($this->instrument()->scale ?? $this->string('scale')->toString());
    }

    /** @throws InvalidInput when a value is out of the scale's range */
    public function reading(): Reading
    {
        $instrument = $this->instrument();
        $atc = $instrument === null ? $this->string('atc')->toString() : ($instrument->compensated ? 'yes' : 'no');
        $temperature = is_numeric($this->input('temperature'))
            ? round(app(Formatter::class)->temperatureToC((float) $this->input('temperature')), 2)
            : 20.0;

        return new Reading(
            $this->scale(),
            (float) $this->string('value')->toString(),
            $temperature,
            $atc === 'yes' ? true : ($atc === 'no' ? false : null),
            $instrument->offset ?? (float) ($this->string('offset')->toString() ?: 0),
            of: CellsRead::tryFrom($this->string('cells')->toString()),
        );
    }
}
