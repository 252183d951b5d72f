<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Operation\CurrentOperation;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** A form about something done with frames on a day; today, where none is said. */
abstract class DayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:'.$this->today()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['on.before_or_equal' => __('This day is in the future.')];
    }

    public function day(): DateTimeImmutable
    {
        $given = $this->input('on');

        return new DateTimeImmutable(is_string($given) && $given !== '' ? $given : $this->today());
    }

    private function today(): string
    {
        return app(CurrentOperation::class)->day();
    }
}
