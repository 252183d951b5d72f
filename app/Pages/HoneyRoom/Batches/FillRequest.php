<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Foundation\Http\MeasuredRequest;
use Closure;
use DateTimeImmutable;

/** Jars filled from a batch, with the weights of some of them. */
final class FillRequest extends MeasuredRequest
{
    /** Honey keeps: two years are usual on labels (common practice). */
    private const YEARS = 2;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', 'max:26'],
            'count' => ['required', 'integer', 'between:1,20000'],
            'best_before' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'weights' => ['nullable', 'string', 'max:4000', self::areWeights(...)],
        ];
    }

    private static function areWeights(string $attribute, mixed $value, Closure $fail): void
    {
        foreach (self::parts(is_string($value) ? $value : '') as $part) {
            if (! is_numeric($part) || (float) $part <= 0.0 || (float) $part > 20000.0) {
                $fail(__('":part" is not a jar weight. Enter grams, above 0 and up to 20,000.', ['part' => mb_substr($part, 0, 20)]));

                return;
            }
        }
    }

    /** @return list<string> */
    private static function parts(string $given): array
    {
        $parts = preg_split('/[\s;]+/', trim($given), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $one): string => str_replace(',', '.', $one), $parts);
    }

    public function bestBefore(string $today): string
    {
        $given = $this->text('best_before');

        return $given !== '' ? $given : (new DateTimeImmutable($today))->modify('+'.self::YEARS.' years')->format('Y-m-d');
    }

    /** @return list<float> g */
    public function weights(): array
    {
        return array_values(array_map(floatval(...), self::parts($this->text('weights'))));
    }
}
