<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Models\Box;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A box that came and is on no sheet. */
final class MoreRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['box' => ['required', 'string', 'max:26']];
    }

    /** @throws ValidationException where there is no such box */
    public function box(): Box
    {
        return Box::query()->whereKey($this->string('box')->toString())->first()
            ?? throw ValidationException::withMessages(['box' => __('This box does not exist. Choose another.')]);
    }
}
