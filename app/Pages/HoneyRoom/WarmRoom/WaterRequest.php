<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Devices\AskedInstrument;
use Illuminate\Foundation\Http\FormRequest;

/** The water of a super that stands in the honey room. */
final class WaterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'water' => ['required_without:instrument', 'nullable', 'numeric', 'between:12,28'],
            'instrument' => ['nullable', 'string', 'max:26'],
        ];
    }

    public function water(): float
    {
        $instrument = $this->string('instrument')->toString();

        return round($instrument === '' ? $this->float('water') : AskedInstrument::ask($instrument)->converted->waterPct, 2);
    }
}
