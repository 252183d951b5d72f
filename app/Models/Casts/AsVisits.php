<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Visit;

/**
 * A column of JSON as the visits that it stores.
 *
 * @implements CastsAttributes<list<Visit>, list<Visit>>
 */
final class AsVisits implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     * @return list<Visit>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $stored = new Fields(['visits' => json_decode(is_string($value) ? $value : '[]', true)]);
        $visits = [];
        foreach ($stored->parts('visits') as $one) {
            $method = Method::tryFrom($one->text('method'));
            [$first, $last] = [$one->day('first'), $one->day('last')];
            if ($method !== null && $first !== null && $last !== null) {
                $visits[] = new Visit($one->text('yard'), $one->whole('hives'), $method, $first, $last);
            }
        }

        return $visits;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        // A value from the audit trail is JSON already.
        if (is_string($value)) {
            return $value;
        }

        /** @var list<Visit> $value */
        return json_encode(array_map(self::stored(...), $value), JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string|int> */
    private static function stored(Visit $visit): array
    {
        return [
            'yard' => $visit->yard,
            'hives' => $visit->hives,
            'method' => $visit->method->value,
            'first' => $visit->firstDay(),
            'last' => $visit->lastDay(),
        ];
    }
}
