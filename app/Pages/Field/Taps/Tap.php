<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

use Illuminate\Support\Str;

/** One thing done on a phone, as it was kept there: what, on what, and when by the phone's own clock. */
final readonly class Tap
{
    /**
     * @param  string  $id  a ULID of the phone's making: sent twice it is done once
     * @param  float  $at  milliseconds since 1970 by the phone's clock
     * @param  string  $on  id of the box, hive, yard or item
     * @param  array<string, mixed>  $data
     * @param  ?int  $version  of the frame that the phone knew; 0: of none
     */
    private function __construct(
        public string $id,
        public TapKind $kind,
        public float $at,
        public string $on,
        public array $data,
        public ?int $version,
    ) {
    }

    /** Null where it cannot be read at all. */
    public static function read(mixed $sent): ?self
    {
        if (! is_array($sent)) {
            return null;
        }
        $id = $sent['id'] ?? null;
        $on = $sent['on'] ?? null;
        $at = $sent['at'] ?? null;
        $kind = is_string($sent['kind'] ?? null) ? TapKind::tryFrom($sent['kind']) : null;
        $data = $sent['data'] ?? [];
        $version = $sent['version'] ?? null;
        if (! is_string($id) || ! Str::isUlid($id) || ! is_string($on) || ! Str::isUlid($on)) {
            return null;
        }
        if ($kind === null || (! is_int($at) && ! is_float($at)) || ! is_array($data)) {
            return null;
        }
        $named = [];
        foreach ($data as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new self($id, $kind, (float) $at, $on, $named, is_int($version) ? $version : null);
    }

    public function number(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;

        return is_scalar($value) ? (string) $value : '';
    }

    public function slot(): int
    {
        return (int) $this->number('slot');
    }
}
