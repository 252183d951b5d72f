<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Foundation\Http\MeasuredRequest;
use App\Foundation\Units\Formatter;

/** The air of the room as someone reads it off. */
final class AirRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $most = app(Formatter::class)->temperatureValue(50.0);
        $least = app(Formatter::class)->temperatureValue(0.0);

        return [
            'celsius' => ['required', 'numeric', "between:$least,$most"],
            'humidity' => ['required', 'numeric', 'between:5,100'],
        ];
    }
}
