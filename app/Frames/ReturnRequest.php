<?php

declare(strict_types=1);

namespace App\Frames;

use Illuminate\Validation\Rule;

/** Where a lot's wet frames go. */
final class ReturnRequest extends DayRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['to' => ['required', Rule::in(['home', 'store'])]];
    }

    public function toStore(): bool
    {
        return $this->input('to') === 'store';
    }
}
