<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use Illuminate\Foundation\Http\FormRequest;

/** Jars that leave the shelf. */
final class MoveJarsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'count' => ['required', 'integer', 'between:1,20000'],
            'whom' => ['nullable', 'string', 'max:120'],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    public function day(string $today): string
    {
        $given = $this->string('on')->toString();

        return $given === '' ? $today : $given;
    }
}
