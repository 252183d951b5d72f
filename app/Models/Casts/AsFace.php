<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/**
 * The four columns of one side of a frame as its face: `a` is a_capped, a_open, a_brood and a_pollen. No open share
 * means that nobody stated the rest.
 *
 * @implements CastsAttributes<Face, Face>
 */
final class AsFace implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Face
    {
        return self::read($key, $attributes);
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, ?float>
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        /** @var Face $value */
        return self::columns($key, $value);
    }

    /** @return array<string, ?float> */
    public static function columns(string $side, Face $face): array
    {
        $columns = [];
        foreach ($face->jsonSerialize() as $content => $share) {
            $columns[$side.'_'.$content] = $share === null ? null : round($share, 4);
        }

        return $columns;
    }

    /** @param  array<string, mixed>  $row  of frame_looks */
    public static function read(string $side, array $row): Face
    {
        $share = static function (Content $content) use ($side, $row): float {
            $value = $row[$side.'_'.$content->value] ?? 0;

            return is_numeric($value) ? (float) $value : 0.0;
        };

        $open = $side.'_'.Content::Open->value;

        return Face::of($share, ! array_key_exists($open, $row) || $row[$open] !== null);
    }
}
