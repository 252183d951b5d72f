<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use Marjoram\Core\Json\Fields;
use WeakMap;

/**
 * A column of JSON as the value that it stores.
 *
 * @implements CastsAttributes<StoredValue, StoredValue>
 */
final class AsValue implements CastsAttributes
{
    private const AS_JSON = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION;

    /** @var WeakMap<StoredValue, string> as they are stored: Eloquent asks again whenever any attribute is read */
    private static WeakMap $stored;

    /** @param  class-string<StoredValue>  $class */
    public function __construct(private readonly string $class)
    {
        self::$stored ??= new WeakMap;
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): StoredValue
    {
        return $this->class::from(Fields::of(json_decode(is_string($value) ? $value : '[]', true)));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            // Both values are empty: no change.
            $value instanceof StoredValue && $value->toArray() === [] && $model->getRawOriginal($key) === null => null,
            $value instanceof StoredValue => self::$stored[$value] ??= json_encode($value->toArray(), self::AS_JSON),
            $value === null => null,
            // A value from the audit trail is JSON already.
            is_string($value) => $value,
            default => throw new LogicException("$key takes a $this->class."),
        };
    }
}
