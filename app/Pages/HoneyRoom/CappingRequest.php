<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Foundation\Http\MeasuredRequest;

/** Cappings: the wax, and what drained from them before it went into a bucket. */
final class CappingRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'wax' => ['nullable', 'required_without:honey', 'numeric', 'min:0', $this->massMax(60.0)],
            'honey' => ['nullable', 'numeric', 'min:0', $this->massMax(200.0)],
        ];
    }
}
