<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Hives\BoxState;
use App\Words\Wording;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodOutcome;

/** Which supers come off, and how. */
final class KeepClearing extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'method' => ['required', Rule::enum(Method::class)],
            'boxes' => ['required', 'array', 'min:1'],
            'boxes.*' => ['string', 'max:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['boxes.required' => __('Choose at least one super to come off.')];
    }

    /**
     * @return list<BoxState>
     *
     * @throws ValidationException when one of them may not come off
     */
    public function chosen(YardClearing $yard): array
    {
        $ids = array_unique($this->array('boxes'));
        $isChosen = static fn (BoxState $one): bool => in_array($one->id, $ids, true);
        $chosen = array_values(array_filter($yard->supers(), $isChosen));
        if (count($chosen) !== count($ids)) {
            throw ValidationException::withMessages(['boxes' => __(
                'One of these supers is not ripe, is needed for winter, or is in a clearing already. Decide in Assess or Winter first.',
            )]);
        }

        return $chosen;
    }

    /** @throws ValidationException when the method cannot be used */
    public function outcome(YardClearing $yard, Wording $say): MethodOutcome
    {
        $outcome = $yard->compared->of(Method::tryFrom($this->string('method')->toString()));
        if ($outcome === null || ! $outcome->feasible()) {
            $why = $outcome?->refusal === null ? '' : $say->statement($outcome->refusal);
            throw ValidationException::withMessages([
                'method' => __('This method cannot be used. :why', ['why' => $why]),
            ]);
        }

        return $outcome;
    }
}
