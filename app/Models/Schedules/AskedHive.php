<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use Marjoram\Core\Json\Fields;

/** A hive with supers that are to come in. */
final readonly class AskedHive
{
    /** @param  list<string>  $boxes  ids of the supers */
    public function __construct(public string $id, public string $code, public array $boxes)
    {
    }

    public static function from(Fields $stored): self
    {
        return new self($stored->text('hive'), $stored->text('code'), $stored->texts('boxes'));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['hive' => $this->id, 'code' => $this->code, 'boxes' => $this->boxes];
    }
}
