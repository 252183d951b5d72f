<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Models\Station;
use App\Pages\HoneyRoom\SupersRequest;

/** Which supers go into the warm room, or come out. */
final class MoveSupersRequest extends SupersRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['to' => ['required', 'in:dry,door']];
    }

    public function station(): Station
    {
        return $this->input('to') === 'dry' ? Station::Dry : Station::Door;
    }
}
