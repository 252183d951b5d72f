<?php

declare(strict_types=1);

namespace App\HoneyRoom\WarmRoom;

use Illuminate\Foundation\Http\FormRequest;

/** The water of a super that stands in the honey room. */
final class WaterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['water' => ['required', 'numeric', 'between:12,28']];
    }

    public function water(): float
    {
        return round($this->float('water'), 2);
    }
}
