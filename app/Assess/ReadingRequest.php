<?php

declare(strict_types=1);

namespace App\Assess;

use App\Support\Http\MeasuredRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Refractometry;
use Marjoram\Core\Moisture\Scale;

/** A refractometer reading as read: the core itself says whether it can be. */
final class ReadingRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'scale' => ['required', Rule::enum(Scale::class)],
            'value' => ['required', 'numeric'],
            'temperature' => ['nullable', 'numeric'],
            'atc' => ['nullable', Rule::in(['yes', 'no', 'usual'])],
            'offset' => ['nullable', 'numeric', 'between:-10,10'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                (new Refractometry)->convert($this->reading());
            } catch (InvalidInput $refusal) {
                $validator->errors()->add($refusal->pointer === '/temperature_c' ? 'temperature' : ($refusal->pointer === '/offset' ? 'offset' : 'value'), __($refusal->getMessage()));
            }
        }];
    }

    /** @throws InvalidInput when a value is out of the scale's range */
    public function reading(): Reading
    {
        $atc = $this->string('atc')->toString();
        $temperature = is_numeric($this->input('temperature')) ? round(app(\App\Support\Units\Formatter::class)->temperatureToC((float) $this->input('temperature')), 2) : 20.0;

        return new Reading(Scale::from($this->string('scale')->toString()), (float) $this->string('value')->toString(), $temperature,
            $atc === 'yes' ? true : ($atc === 'no' ? false : null), (float) ($this->string('offset')->toString() ?: 0));
    }
}
