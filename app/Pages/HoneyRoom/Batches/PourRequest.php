<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Foundation\Http\MeasuredRequest;
use App\Models\PourWhy;
use Illuminate\Validation\Rule;

/** Honey of a bucket that goes elsewhere; all of it, where no weight is said. */
final class PourRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'why' => ['required', Rule::in(array_keys(PourWhy::away()))],
            'kg' => ['nullable', 'numeric', 'gt:0', $this->massMax(200.0)],
        ];
    }

    public function why(): PourWhy
    {
        return PourWhy::from($this->text('why'));
    }
}
