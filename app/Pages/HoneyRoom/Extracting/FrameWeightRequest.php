<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Foundation\Http\MeasuredRequest;

/** What one frame weighs, full. */
final class FrameWeightRequest extends MeasuredRequest
{
    /** No frame is heavier. */
    public const MOST_KG = 8.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kg' => ['required_without:weigh', 'nullable', 'numeric', 'gt:0', $this->massMax(self::MOST_KG)],
            'weigh' => ['nullable', 'in:scale'],
        ];
    }
}
