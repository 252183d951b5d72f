<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/** Typed reading of decoded JSON; what is not there, or of another type, is the default. */
final readonly class SheetFields
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function number(string $key, float $default = 0.0): float
    {
        return $this->optional($key) ?? $default;
    }

    public function optional(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function whole(string $key): ?int
    {
        $value = $this->optional($key);

        return $value === null ? null : (int) $value;
    }

    public function text(string $key, string $default = ''): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : $default;
    }

    public function flag(string $key, bool $default = false): bool
    {
        $value = $this->values[$key] ?? null;

        return is_bool($value) ? $value : $default;
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    /** True also where it is there as null: something was said, namely nothing. */
    public function says(string $key): bool
    {
        return array_key_exists($key, $this->values);
    }

    public function part(string $key): self
    {
        $value = $this->values[$key] ?? null;

        return new self(is_array($value) ? $value : []);
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $make
     * @return list<T>
     *
     * @throws InvalidInput with a pointer to the one that is refused
     */
    public function each(string $key, callable $make): array
    {
        $items = $this->values[$key] ?? null;
        $made = [];
        foreach (is_array($items) ? array_values($items) : [] as $i => $item) {
            try {
                $made[] = $make(new self(is_array($item) ? $item : []));
            } catch (InvalidInput $refusal) {
                throw $refusal->under("/$key/$i");
            }
        }

        return $made;
    }

    /** @throws InvalidInput when a share is out of range */
    public function frame(): Frame
    {
        return new Frame(
            $this->whole('slot') ?? 0,
            $this->part('a')->face(),
            $this->part('b')->face(),
            $this->flag('glanced'),
            $this->flag('gone'),
        );
    }

    /** @throws InvalidInput when a share is out of range */
    public function face(): Face
    {
        return new Face(
            $this->number('capped'),
            $this->number('open'),
            $this->number('brood'),
            $this->number('pollen'),
        );
    }

    /** @throws InvalidInput when the scale is not known or a value is out of its range */
    public function reading(): Reading
    {
        return new Reading(
            RefractometerScale::tryFrom($this->text('scale', RefractometerScale::Water->value)) ??
                throw InvalidInput::unknown('The scale', $this->text('scale'), 'water, nd, brix', '/scale'),
            $this->number('value'),
            $this->number('temperature_c', 20.0),
            $this->has('compensated') ? $this->flag('compensated') : null,
            $this->number('offset'),
            $this->optional('mass_kg'),
        );
    }
}
