<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Supers that came without any sheet: from which yard, taken on which day. */
final class ByHandRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $today = app(CurrentOperation::class)->day();

        return [
            'yard' => ['required', 'string', 'max:90'],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', "before_or_equal:$today"],
            'boxes' => ['required', 'array', 'min:1', 'max:300'],
            'boxes.*' => ['string', 'max:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'boxes.required' => __('Choose at least one super.'),
            'on.before_or_equal' => __('This day is in the future.'),
        ];
    }

    /**
     * Held until this write is done: of two who open a harvest of it at once the second finds the first's.
     *
     * @throws ValidationException where there is no such yard
     */
    public function apiary(): Apiary
    {
        return Apiary::query()->where('slug', $this->string('yard')->toString())->lockForUpdate()->first()
            ?? throw ValidationException::withMessages(['yard' => __('This yard does not exist. Choose another.')]);
    }

    public function day(): DateTimeImmutable
    {
        $given = $this->string('on')->toString();

        return new DateTimeImmutable($given === '' ? app(CurrentOperation::class)->day() : $given);
    }

    /** @return list<string> */
    public function boxes(): array
    {
        $ids = $this->input('boxes');

        return is_array($ids) ? array_values(array_unique(array_filter($ids, is_string(...)))) : [];
    }
}
