<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use Marjoram\Core\Json\Fields;

/** Where a yard lies, and how it is called. */
final readonly class AskedPlace
{
    public function __construct(
        public string $apiaryId,
        public string $name,
        public string $slug,
        public float $latitude,
        public float $longitude,
    ) {
    }

    public static function from(Fields $stored): self
    {
        return new self(
            $stored->text('apiary'),
            $stored->text('place', $stored->text('name')),
            $stored->text('slug'),
            $stored->number('latitude'),
            $stored->number('longitude'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'apiary' => $this->apiaryId,
            'place' => $this->name,
            'slug' => $this->slug,
            'latitude' => $this->latitude,
            'longitude' => $this->longitude,
        ];
    }
}
