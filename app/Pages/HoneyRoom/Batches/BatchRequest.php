<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Foundation\Http\MeasuredRequest;
use App\Foundation\Units\Formatter;

/** What is poured together: from which buckets how much, into which tank. */
final class BatchRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $format = app(Formatter::class);
        [$shallow, $deep] = [$format->lengths->hand(2.0), $format->lengths->hand(500.0)];
        [$least, $most] = [$format->temperatureValue(5.0), $format->temperatureValue(50.0)];

        return [
            'pour' => ['required', 'array', 'min:1', 'max:300'],
            'pour.*' => ['nullable', 'numeric', 'min:0', $this->massMax(200.0)],
            'tank' => ['nullable', 'string', 'max:60'],
            'depth' => ['required', 'numeric', "between:$shallow,$deep"],
            'celsius' => ['required', 'numeric', "between:$least,$most"],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pour.required' => __('Choose at least one bucket.')];
    }

    public function depthCm(): float
    {
        return round(app(Formatter::class)->lengths->toCm($this->float('depth')), 1);
    }

    /** @return array<string, float> kg by the bucket's id */
    public function pours(): array
    {
        $pours = [];
        $given = $this->validated('pour');
        foreach (is_array($given) ? $given : [] as $id => $value) {
            if (is_numeric($value) && (float) $value > 0.0) {
                $pours[(string) $id] = round(app(Formatter::class)->massToKg((float) $value), 3);
            }
        }

        return $pours;
    }
}
