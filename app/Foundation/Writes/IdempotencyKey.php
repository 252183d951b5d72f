<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Database\Eloquent\Model;

/**
 * The answer a write was given, kept so that the same write sent twice is done once.
 *
 * @property string $content  a hash of what was sent
 * @property string $method
 * @property string $path
 * @property int|null $status
 * @property string|null $location
 * @property string|null $body
 */
final class IdempotencyKey extends Model
{
    protected $guarded = [];

    protected $attributes = ['status' => null, 'location' => null, 'body' => null];
}
