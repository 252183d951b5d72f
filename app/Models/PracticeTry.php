<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * One face or scale that a person estimated for practice: its truth and the guess.
 *
 * @property string $user_id
 * @property string $task
 * @property int $number
 * @property float $truth
 * @property float $guess
 */
final class PracticeTry extends Record
{
    protected $attributes = ['version' => 1];

    protected $casts = ['number' => 'integer', 'truth' => 'float', 'guess' => 'float'];

    public function label(): string
    {
        return __('practice');
    }
}
