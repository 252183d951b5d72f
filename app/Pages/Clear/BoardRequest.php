<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Under which super of a hive a board was put. */
final class BoardRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['under' => ['required', 'string', 'max:26']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['under.required' => __('Say under which super the board is.')];
    }

    /**
     * Those that the board empties, from the top.
     *
     * @return non-empty-list<BoxState>
     *
     * @throws ValidationException where it is no super of this hive
     */
    public function supers(HiveState $hive): array
    {
        $under = $this->string('under')->toString();
        $above = [];
        foreach ($hive->fromTheTop() as $box) {
            if (! $box->isSuper()) {
                break;
            }
            $above[] = $box;
            if (strcasecmp($box->id, $under) === 0) {
                return $above;
            }
        }
        throw ValidationException::withMessages(['under' => __('Hive :hive has no such super.', [
            'hive' => $hive->code,
        ])]);
    }
}
