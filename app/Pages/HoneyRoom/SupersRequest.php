<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use Illuminate\Foundation\Http\FormRequest;

/** Supers that were chosen in the honey room. */
class SupersRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'supers' => ['required', 'array', 'min:1', 'max:600'],
            'supers.*' => ['string', 'max:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['supers.required' => __('Choose at least one super.')];
    }

    /** @return list<string> */
    public function ids(): array
    {
        $ids = $this->input('supers');

        return is_array($ids) ? array_values(array_unique(array_filter($ids, is_string(...)))) : [];
    }
}
