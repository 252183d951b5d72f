<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Models\TakenSuper;
use Illuminate\Validation\Rule;

/** Where a lot's wet frames go. */
final class ReturnRequest extends DayRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'to' => ['required', Rule::in(['home', 'store'])],
            'frames' => ['sometimes', 'array', 'max:600'],
            'frames.*' => ['string', 'max:26'],
        ];
    }

    /**
     * Those that are named; all, where none is.
     *
     * @param  list<TakenSuper>  $wet
     * @return list<TakenSuper>
     */
    public function chosen(array $wet): array
    {
        $named = ChosenFramesRequest::strings($this->input('frames'));

        return $named === null
            ? $wet
            : array_values(array_filter($wet, static fn (TakenSuper $one): bool => in_array($one->id, $named, true)));
    }

    public function names(): bool
    {
        return $this->has('frames');
    }

    public function toStore(): bool
    {
        return $this->input('to') === 'store';
    }
}
