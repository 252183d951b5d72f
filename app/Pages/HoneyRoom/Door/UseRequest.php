<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Foundation\Http\MeasuredRequest;
use App\Models\HoneyUse;
use Illuminate\Validation\Rule;

/** What becomes of the honey of a super, and how much it was. */
final class UseRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'use' => ['required', Rule::enum(HoneyUse::class)],
            'kg' => ['nullable', 'numeric', 'min:0', $this->massMax(60.0)],
        ];
    }

    public function use(): HoneyUse
    {
        return HoneyUse::from($this->text('use'));
    }
}
