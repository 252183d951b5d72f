<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Foundation\Http\MeasuredRequest;
use App\Foundation\Units\Formatter;
use App\Models\BucketKind;
use Illuminate\Validation\ValidationException;

/** A bucket on the scale: its gross weight is at least its tare. */
final class BucketRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'gross' => ['required_without:weigh', 'nullable', 'numeric', $this->massMax(200.0)],
            'tare' => ['required_without:kind', 'nullable', 'numeric', 'min:0', $this->massMax(20.0)],
            'kind' => ['nullable', 'string', 'max:26'],
            'water' => ['nullable', 'numeric', 'between:12,28'],
            'weigh' => ['nullable', 'in:scale'],
            'again' => ['nullable', 'boolean'],
            'version' => ['nullable', 'integer'],
        ];
    }

    protected function passedValidation(): void
    {
        if (! $this->onScale()) {
            $this->grossOf((float) $this->kg('gross'));
        }
    }

    public function onScale(): bool
    {
        return $this->input('weigh') === 'scale';
    }

    /** @throws ValidationException where the bucket weighs less than it does empty */
    public function grossOf(float $kg): float
    {
        if ($kg < $this->tareKg()) {
            throw ValidationException::withMessages([
                'gross' => __('The bucket weighs less than its tare; the gross weight is at least :value.', [
                    'value' => app(Formatter::class)->kg($this->tareKg(), 2),
                ]),
            ]);
        }

        return $kg;
    }

    /** The tare as typed, otherwise that of its kind, kg. */
    public function tareKg(): float
    {
        $typed = $this->kg('tare');
        if ($typed !== null) {
            return $typed;
        }

        return BucketKind::query()->whereKey($this->text('kind'))->first()->tare_kg
            ?? throw ValidationException::withMessages(['kind' => __('This kind of bucket does not exist. Choose another.')]);
    }
}
