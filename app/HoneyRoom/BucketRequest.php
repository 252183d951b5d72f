<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Support\Http\MeasuredRequest;

/** A bucket on the scale: its gross weight is at least its tare. */
final class BucketRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'gross' => ['required', 'numeric', 'gte:tare', $this->massMax(200.0)],
            'tare' => ['required', 'numeric', 'min:0', $this->massMax(20.0)],
            'water' => ['nullable', 'numeric', 'between:12,28'],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** What is said of its water; null where it is not. */
    public function water(): ?float
    {
        $water = $this->validated('water');

        return is_numeric($water) ? round((float) $water, 2) : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['gross.gte' => __('The bucket weighs less than its tare; the gross weight is at least :value.')];
    }
}
