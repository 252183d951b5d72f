<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use Illuminate\Foundation\Http\FormRequest;

/** What became of a super that did not come. */
final class MissingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['where' => ['required', 'in:hive,unknown']];
    }

    public function stayed(): bool
    {
        return $this->input('where') === 'hive';
    }
}
