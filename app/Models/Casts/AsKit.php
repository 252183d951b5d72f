<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\SerializesCastableAttributes;
use Illuminate\Database\Eloquent\Model;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Json\Fields;

/**
 * What an operation has to clear with; a form and the audit trail give it as plain values.
 *
 * @implements CastsAttributes<Kit, Kit|array<string, mixed>|string>
 */
final class AsKit implements CastsAttributes, SerializesCastableAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Kit
    {
        return self::kit(json_decode(is_string($value) ? $value : '[]', true));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (is_string($value)) {
            return $value;
        }

        return json_encode(self::plain($value instanceof Kit ? $value : self::kit($value)), JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, int|bool>
     */
    public function serialize(Model $model, string $key, mixed $value, array $attributes): array
    {
        return self::plain($value instanceof Kit ? $value : self::kit($value));
    }

    private static function kit(mixed $stored): Kit
    {
        $of = Fields::of($stored);

        return new Kit($of->whole('escape_boards'), $of->whole('fume_boards'), $of->flag('blower'));
    }

    /** @return array<string, int|bool> */
    private static function plain(Kit $kit): array
    {
        return [
            'escape_boards' => $kit->escapeBoards,
            'fume_boards' => $kit->fumeBoards,
            'blower' => $kit->blower,
        ];
    }
}
