<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Units\Formatter;
use Illuminate\Foundation\Http\FormRequest;

/** A form whose masses and temperatures are entered in the person's own units and stored in SI. */
abstract class MeasuredRequest extends FormRequest
{
    /** The route has checked the person's role; a form needs no more. */
    public function authorize(): bool
    {
        return true;
    }

    public function kg(string $field): ?float
    {
        $value = $this->validated($field);

        return is_numeric($value) ? round(app(Formatter::class)->massToKg((float) $value), 3) : null;
    }

    public function celsius(string $field): ?float
    {
        $value = $this->validated($field);

        return is_numeric($value) ? round(app(Formatter::class)->temperatureToC((float) $value), 2) : null;
    }

    /** Water in %, as typed; null if not given. */
    public function water(): ?float
    {
        $water = $this->validated('water');

        return is_numeric($water) ? round((float) $water, 2) : null;
    }

    /** An upper limit given in kg, in the person's unit, for a validation rule. */
    protected function massMax(float $kg): string
    {
        return 'max:'.round(app(Formatter::class)->massValue($kg), 1);
    }

    public function text(string $field): string
    {
        $value = $this->validated($field);

        return is_scalar($value) ? (string) $value : '';
    }
}
