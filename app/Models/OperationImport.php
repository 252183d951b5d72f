<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file of a whole operation that is read in, and what became of it.
 *
 * @property string $id
 * @property string $user_id
 * @property string|null $operation_id  where it goes; null until a new operation is made for it
 * @property string $file_name
 * @property ImportState $state
 * @property string|null $reason  why it was refused
 * @property int $records
 * @property int $photographs
 * @property int $photographs_missing  named by its notes and not in the file
 */
final class OperationImport extends Model
{
    use HasUlids;

    protected $guarded = ['id'];

    protected $attributes = [
        'operation_id' => null,
        'state' => 'waiting',
        'reason' => null,
        'records' => 0,
        'photographs' => 0,
        'photographs_missing' => 0,
    ];

    protected $casts = [
        'state' => ImportState::class,
        'records' => 'integer',
        'photographs' => 'integer',
        'photographs_missing' => 'integer',
    ];
}
