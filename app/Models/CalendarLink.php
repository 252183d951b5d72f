<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * A private address under which a calendar reads the plans; only the hash of its secret is kept.
 *
 * @property string $user_id
 * @property string $name
 * @property string $token_hash
 */
final class CalendarLink extends Record
{
    protected $hidden = ['token_hash'];

    public function label(): string
    {
        return __('calendar address :name', ['name' => $this->name]);
    }
}
