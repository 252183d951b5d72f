<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Foundation\Http\MeasuredRequest;
use App\Models\Schedules\ByHand;
use App\Models\Schedules\ScheduleSettings;
use App\Models\Schedules\Waiting;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Capacity;

/**
 * What a schedule is asked with: days and crew, truck and honey room, and what each yard's dates are set to by hand.
 */
final class ScheduleRequest extends MeasuredRequest
{
    private const DAYS = '/^\s*\d{4}-\d{2}-\d{2}(\s*[, ]\s*\d{4}-\d{2}-\d{2})*\s*$/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $minutes = ['required', 'integer', 'between:0,1440'];
        $supers = ['required', 'integer', 'between:0,5000'];
        $day = ['nullable', 'date_format:Y-m-d'];

        return [
            'name' => ['nullable', 'string', 'max:80'],
            'days' => ['required', 'integer', 'between:2,21'],
            'weekday_min' => $minutes,
            'saturday_min' => $minutes,
            'sunday_min' => $minutes,
            'truck_supers' => ['required', 'integer', 'between:0,2000'],
            'hold_supers' => $supers,
            'held_supers' => $supers,
            'extract_supers' => $supers,
            'split' => ['sometimes', 'boolean'],
            'seconds' => ['required', 'integer', 'between:1,60'],
            'days_off' => ['nullable', 'string', 'max:300', 'regex:'.self::DAYS],
            'later' => ['sometimes', Rule::enum(Waiting::class)],
            'yards' => ['sometimes', 'array', 'max:120'],
            'yards.*.in' => ['sometimes', 'boolean'],
            'yards.*.ready' => $day,
            'yards.*.off_by' => $day,
            'yards.*.ready_was' => ['nullable', 'string', 'max:10'],
            'yards.*.off_by_was' => ['nullable', 'string', 'max:10'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['days_off.regex' => __('Days such as 2026-08-08, 2026-08-15.')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $checked): void {
            $minutes = $this->integer('weekday_min') + $this->integer('saturday_min') + $this->integer('sunday_min');
            if ($checked->errors()->isEmpty() && $minutes === 0) {
                $checked->errors()->add('weekday_min', __(
                    'No day has crew time. Enter minutes for at least one day.',
                ));
            }
        }];
    }

    public function settings(): ScheduleSettings
    {
        preg_match_all('/\d{4}-\d{2}-\d{2}/', $this->text('days_off'), $off);
        $yards = new Fields(['yards' => $this->validated('yards', [])]);

        return new ScheduleSettings(
            $this->integer('days'),
            [
                ...array_fill(0, 5, $this->integer('weekday_min')),
                $this->integer('saturday_min'),
                $this->integer('sunday_min'),
            ],
            new Capacity(
                (float) $this->integer('truck_supers'),
                (float) $this->integer('hold_supers'),
                (float) $this->integer('held_supers'),
            ),
            $this->integer('extract_supers'),
            $this->boolean('split'),
            $this->integer('seconds'),
            $off[0],
            Waiting::tryFrom($this->text('later')) ?? Waiting::Own,
            array_map(self::byHand(...), $yards->keyed('yards')),
        );
    }

    /** Only a day that differs from what was shown is set. */
    private static function byHand(Fields $sent): ByHand
    {
        $ready = $sent->text('ready') === $sent->text('ready_was') ? null : $sent->day('ready');
        $offBy = $sent->text('off_by') === $sent->text('off_by_was') ? null : $sent->day('off_by');

        return new ByHand($sent->flag('in', true), $ready, $offBy);
    }
}
