<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Foundation\Http\MeasuredRequest;
use App\Models\HiveWeighing;
use Illuminate\Validation\Rule;

/** The readings of a hive's weight, in the person's own unit. */
final class WeighRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'how' => ['required', Rule::in(HiveWeighing::HOW)],
            'first' => ['required', 'numeric', 'gt:0', $this->massMax(300.0)],
            'second' => ['nullable', 'required_unless:how,whole', 'numeric', 'gt:0', $this->massMax(300.0)],
            'frames_of_bees' => ['required', 'numeric', 'between:0.5,40'],
            'weighed_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'first.gt' => __('A weight must be above zero.'),
            'second.gt' => __('A weight must be above zero.'),
            'second.required_unless' => __('This way of weighing needs two readings.'),
        ];
    }

    /** @return 'whole'|'both-sides'|'one-side' */
    public function how(): string
    {
        $how = $this->text('how');

        return $how === 'whole' || $how === 'both-sides' ? $how : 'one-side';
    }

    /** @return non-empty-list<float> kg */
    public function readings(): array
    {
        $first = $this->kg('first') ?? 0.0;
        $second = $this->kg('second');

        return $this->how() === 'whole' || $second === null ? [$first] : [$first, $second];
    }
}
