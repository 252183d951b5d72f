<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Support\Http\MeasuredRequest;

/** A super on the scale before spinning, and after it. */
final class SuperWeightRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'before' => ['nullable', 'required_with:after', 'numeric', 'min:0', $this->massMax(80.0)],
            'after' => ['nullable', 'numeric', 'min:0', 'lte:before'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['after.lte' => __('A super cannot weigh more after spinning than before (:value).')];
    }
}
