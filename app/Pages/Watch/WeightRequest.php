<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\MeasuredRequest;
use App\Models\Apiary;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A hive's weight read from its scale by hand. */
final class WeightRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'weight' => ['required', 'numeric', 'min:5', $this->massMax(400.0)],
            'hive' => ['required', 'string', 'max:26', Rule::in(array_keys($this->hives()))],
            'at' => ['required', 'date_format:Y-m-d\TH:i', 'after:2000-01-01'],
        ];
    }

    /** @return array<string, string> codes of the yard's hives by id */
    private function hives(): array
    {
        $apiary = $this->route('apiary');
        assert($apiary instanceof Apiary);

        return array_flip(app(YardReader::class)->hiveIds($apiary));
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if (
                    $validator->errors()->isEmpty() &&
                    $this->at() > app(CurrentOperation::class)->now()->modify('+1 hour')
                ) {
                    $validator->errors()->add('at', __('This time is in the future.'));
                }
            },
        ];
    }

    public function at(): DateTimeImmutable
    {
        return (new DateTimeImmutable(
            $this->string('at')->toString(),
            new DateTimeZone(app(CurrentOperation::class)->get()->time_zone),
        ))->setTimezone(new DateTimeZone('UTC'));
    }
}
