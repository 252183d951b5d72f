<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use Illuminate\Validation\ValidationException;

/** A form about chosen frames and the day on which something was done with them. */
abstract class ChosenFramesRequest extends DayRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'f' => ['required', 'array', 'min:1', 'max:600'],
            'f.*' => ['string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['f.required' => __('Choose at least one frame.')];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_unique(self::strings($this->input('f')) ?? []));
    }

    /** @throws ValidationException where a frame that was chosen does not stand in this yard */
    public function mustBeAllOf(YardFrames $frames): void
    {
        $missing = array_diff($this->ids(), $frames->ids());
        if ($missing !== []) {
            throw ValidationException::withMessages(['f' => __('This yard has no frame :frame now.', [
                'frame' => implode(', ', array_slice($missing, 0, 5)),
            ])]);
        }
    }

    /** @return list<string>|null null where it is no list */
    public static function strings(mixed $given): ?array
    {
        return is_array($given) ? array_values(array_filter($given, is_string(...))) : null;
    }
}
