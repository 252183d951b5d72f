<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Foundation\Http\MeasuredRequest;
use App\Pages\HoneyRoom\Equipment\RoomScale;
use Illuminate\Validation\ValidationException;

/** A super on the scale before spinning, and after it. */
final class SuperWeightRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'before' => ['nullable', 'required_with:after', 'numeric', 'min:0', $this->massMax(80.0)],
            'after' => ['nullable', 'numeric', 'min:0', 'lte:before'],
            'weigh' => ['nullable', 'in:before,after'],
        ];
    }

    /**
     * What is typed, or what stands on the scale now.
     *
     * @throws ValidationException where it would weigh more spun than full
     */
    public function weights(RoomScale $scale): SuperWeights
    {
        $weights = new SuperWeights(
            $this->input('weigh') === 'before' ? $scale->kg() : $this->kg('before'),
            $this->input('weigh') === 'after' ? $scale->kg() : $this->kg('after'),
        );
        if ($weights->beforeKg !== null && $weights->afterKg !== null && $weights->afterKg > $weights->beforeKg) {
            throw ValidationException::withMessages(['after' => __('A super cannot weigh more after spinning than before.')]);
        }

        return $weights;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['after.lte' => __('A super cannot weigh more after spinning than before (:value).')];
    }
}
