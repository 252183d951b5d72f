<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Equipment;

use App\Foundation\Http\MeasuredRequest;

final class BucketKindRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'tare' => ['nullable', 'numeric', 'min:0', $this->massMax(20.0)],
            'holds' => ['required', 'numeric', 'gt:0', $this->massMax(2000.0)],
        ];
    }
}
