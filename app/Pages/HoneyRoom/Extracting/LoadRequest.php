<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use Illuminate\Foundation\Http\FormRequest;

/** Which frame stands in which slot. */
final class LoadRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'array', 'min:1', 'max:120'],
            'slot.*' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<int, string> ids of frames by slot, from 1 */
    public function slots(): array
    {
        $slots = [];
        $given = $this->input('slot');
        foreach (is_array($given) ? $given : [] as $slot => $id) {
            if (is_string($id) && $id !== '') {
                $slots[(int) $slot] = $id;
            }
        }

        return $slots;
    }
}
