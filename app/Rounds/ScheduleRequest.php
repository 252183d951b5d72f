<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Support\Http\MeasuredRequest;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;

/** What a plan over all yards is asked with: days and crew, truck and honey room, and what each yard's dates are set to by hand. */
final class ScheduleRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $minutes = ['required', 'integer', 'between:0,1440'];

        return [
            'name' => ['nullable', 'string', 'max:80'],
            'days' => ['required', 'integer', 'between:2,21'],
            'weekday_min' => $minutes,
            'saturday_min' => $minutes,
            'sunday_min' => $minutes,
            'truck_supers' => ['required', 'integer', 'between:0,2000'],
            'hold_supers' => ['required', 'integer', 'between:0,5000'],
            'held_supers' => ['required', 'integer', 'between:0,5000'],
            'extract_supers' => ['required', 'integer', 'between:0,5000'],
            'split' => ['sometimes', 'boolean'],
            'seconds' => ['required', 'integer', 'between:1,60'],
            'days_off' => [
                'nullable',
                'string',
                'max:300',
                'regex:/^\s*\d{4}-\d{2}-\d{2}(\s*[, ]\s*\d{4}-\d{2}-\d{2})*\s*$/',
            ],
            'later' => ['sometimes', Rule::in([BatchReader::OWN, BatchReader::TOGETHER, BatchReader::OUT])],
            'yards' => ['sometimes', 'array', 'max:120'],
            'yards.*.in' => ['sometimes', 'boolean'],
            'yards.*.ready' => ['nullable', 'date_format:Y-m-d'],
            'yards.*.off_by' => ['nullable', 'date_format:Y-m-d'],
            'yards.*.ready_was' => ['nullable', 'string', 'max:10'],
            'yards.*.off_by_was' => ['nullable', 'string', 'max:10'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['days_off.regex' => __('Days such as 2026-08-08, 2026-08-15.')];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $checked): void {
            if (
                $checked->errors()->isEmpty() &&
                $this->integer('weekday_min') + $this->integer('saturday_min') + $this->integer('sunday_min') === 0
            ) {
                $checked
                    ->errors()
                    ->add(
                        'weekday_min',
                        __('With no crew time on any day nothing can be planned: give some day its minutes.'),
                    );
            }
        });
    }

    /** @return array{days: int, crew_min: list<int>, truck_supers: int, hold_supers: int, held_supers: int, extract_supers: int, split: bool, seconds: int, days_off: list<string>, later: string, yards: array<string, array{in?: bool, ready?: string, off_by?: string}>} */
    public function settings(): array
    {
        preg_match_all('/\d{4}-\d{2}-\d{2}/', $this->text('days_off'), $off);
        $yards = [];
        foreach ((array) $this->validated('yards', []) as $id => $set) {
            $set = (array) $set;
            $yards[(string) $id] =
                ['in' => (bool) ($set['in'] ?? true)] +
                array_filter(
                    ['ready' => $set['ready'] ?? '', 'off_by' => $set['off_by'] ?? ''],
                    static fn (mixed $day, string $key): bool => is_string($day) &&
                        $day !== '' &&
                        $day !== ($set[$key.'_was'] ?? ''),
                    ARRAY_FILTER_USE_BOTH,
                );
        }

        return [
            'days' => $this->integer('days'),
            'crew_min' => [
                ...array_fill(0, 5, $this->integer('weekday_min')),
                $this->integer('saturday_min'),
                $this->integer('sunday_min'),
            ],
            'truck_supers' => $this->integer('truck_supers'),
            'hold_supers' => $this->integer('hold_supers'),
            'held_supers' => $this->integer('held_supers'),
            'extract_supers' => $this->integer('extract_supers'),
            'split' => $this->boolean('split'),
            'seconds' => $this->integer('seconds'),
            'days_off' => $off[0],
            'later' => $this->text('later') ?: BatchReader::OWN,
            'yards' => $yards,
        ];
    }
}
