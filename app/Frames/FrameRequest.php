<?php

declare(strict_types=1);

namespace App\Frames;

use App\Operation\CurrentOperation;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A form about chosen frames and the day on which something was done with them. */
abstract class FrameRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'f' => ['required', 'array', 'min:1', 'max:600'],
            'f.*' => ['string', 'max:40'],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:'.$this->today()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'f.required' => __('Choose at least one frame.'),
            'on.before_or_equal' => __('This day is still to come.'),
        ];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_unique(self::strings($this->input('f')) ?? []));
    }

    public function day(): DateTimeImmutable
    {
        $given = $this->input('on');

        return new DateTimeImmutable(is_string($given) && $given !== '' ? $given : $this->today());
    }

    /** @throws ValidationException where a frame that was chosen does not stand in this yard */
    public function mustBeAllOf(YardFrames $frames): void
    {
        $missing = array_diff($this->ids(), $frames->ids());
        if ($missing !== []) {
            throw ValidationException::withMessages(['f' => __('There is no frame :frame in this yard now.', [
                'frame' => implode(', ', array_slice($missing, 0, 5)),
            ])]);
        }
    }

    /** @return list<string>|null null where it is no list */
    public static function strings(mixed $given): ?array
    {
        return is_array($given) ? array_values(array_filter($given, is_string(...))) : null;
    }

    private function today(): string
    {
        return app(CurrentOperation::class)->today()->format('Y-m-d');
    }
}
