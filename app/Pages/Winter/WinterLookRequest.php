<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Foundation\Http\MeasuredRequest;
use Illuminate\Validation\Rule;

/** A colony's strength and the honey of its brood boxes. */
final class WinterLookRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'frames_of_bees' => ['required', 'numeric', 'between:1,40'],
            'brood_honey' => ['nullable', 'numeric', 'min:0', $this->massMax(120.0)],
            'honey_frames' => ['nullable', 'numeric', 'between:0,40'],
            'how' => ['required', Rule::in(['measured', 'estimated'])],
        ];
    }
}
