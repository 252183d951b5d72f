<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Foundation\Http\MeasuredRequest;

/** Frames of a box, or all of it, weighed before and after extraction, in the person's own unit. */
final class WeighingRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mark' => ['required', 'string', 'max:20'],
            'slots' => ['nullable', 'string', 'max:80', 'regex:/^\s*\d{1,2}(\s*[, ]\s*\d{1,2})*\s*$/'],
            'before' => ['required', 'numeric', 'min:0', $this->massMax(100)],
            'after' => ['required', 'numeric', 'min:0', 'lte:before'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'slots.regex' => __('Frame numbers, such as 3, 4, 5; empty for the whole box.'),
            'after.lte' => __('After extraction a box cannot weigh more than before.'),
        ];
    }

    /** @return list<int>|null */
    public function slots(): ?array
    {
        $text = $this->text('slots');
        preg_match_all('/\d+/', $text, $found);
        $slots = array_values(array_unique(array_map(intval(...), $found[0])));

        return $slots === [] ? null : $slots;
    }
}
