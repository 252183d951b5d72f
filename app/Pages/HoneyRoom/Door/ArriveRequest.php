<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Foundation\Http\MeasuredRequest;

/** A super or frame at the door; every field is optional. */
final class ArriveRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'before' => ['nullable', 'numeric', 'min:0.1', $this->massMax(80.0)],
            'water' => ['nullable', 'numeric', 'between:12,28'],
            'bees' => ['nullable', 'boolean'],
            'fresh' => ['nullable', 'boolean'],
            'weigh' => ['nullable', 'in:scale'],
        ];
    }

    public function onScale(): bool
    {
        return $this->input('weigh') === 'scale';
    }
}
