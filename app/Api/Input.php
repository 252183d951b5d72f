<?php

declare(strict_types=1);

namespace App\Api;

use DateTimeImmutable;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/** Typed reading of input that has passed its schema; refusals of the core get the pointer of where they stand. */
final readonly class Input
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function number(string $key, float $default = 0.0): float
    {
        $value = $this->values[$key] ?? $default;

        return is_int($value) || is_float($value) ? (float) $value : $default;
    }

    public function optional(string $key): ?float
    {
        return isset($this->values[$key]) ? $this->number($key) : null;
    }

    public function text(string $key, string $default = ''): string
    {
        $value = $this->values[$key] ?? $default;

        return is_string($value) ? $value : $default;
    }

    public function flag(string $key, bool $default = false): bool
    {
        return (bool) ($this->values[$key] ?? $default);
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function part(string $key): self
    {
        $value = $this->values[$key] ?? [];

        /** @var array<string, mixed> $of */
        $of = is_array($value) ? $value : [];

        return new self($of);
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $make
     * @return list<T>
     */
    public function each(string $key, callable $make): array
    {
        $made = [];
        $items = $this->values[$key] ?? [];
        foreach (is_array($items) ? array_values($items) : [] as $i => $item) {
            /** @var array<string, mixed> $of */
            $of = is_array($item) ? $item : [];
            try {
                $made[] = $make(new self($of));
            } catch (InvalidInput $refusal) {
                throw $refusal->under("/$key/$i");
            }
        }

        return $made;
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $make
     * @return list<T>
     */
    public function words(string $key, callable $make): array
    {
        $items = $this->values[$key] ?? [];

        return array_values(array_map($make, array_filter(is_array($items) ? $items : [], is_string(...))));
    }

    /** @return array<string|int, string> words by words; a key that looks like a number is one in PHP */
    public function pairs(string $key): array
    {
        $items = $this->values[$key] ?? [];

        return array_filter(is_array($items) ? $items : [], is_string(...));
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        $items = $this->values[$key] ?? [];

        return array_map(
            static fn (mixed $one): float => is_numeric($one) ? (float) $one : 0.0,
            is_array($items) ? array_values($items) : [],
        );
    }

    /**
     * @return list<DateTimeImmutable>
     *
     * @throws InvalidInput when one is no day
     */
    public function days(string $key): array
    {
        $items = $this->values[$key] ?? [];
        $days = [];
        foreach (is_array($items) ? array_values($items) : [] as $i => $item) {
            $days[] = InstantText::day(is_string($item) ? $item : '', "/$key/$i");
        }

        return $days;
    }

    public function fittedBox(): FittedBox
    {
        try {
            $kind = $this->has('kind')
                ? BoxKinds::get($this->text('kind'))
                : BoxKind::ofMeasures(
                    (int) $this->number('frames'),
                    $this->number('comb_area_dm2'),
                    $this->number('inside_width_mm'),
                    $this->number('empty_mass_kg'),
                );
        } catch (InvalidInput $refusal) {
            throw $refusal->under('/box');
        }

        return new FittedBox($kind);
    }

    public function frame(): Frame
    {
        return new Frame((int) $this->number('slot'), $this->face('a'), $this->face('b'), $this->flag('glanced'));
    }

    public function reading(): Reading
    {
        return new Reading(
            RefractometerScale::from($this->text('scale')),
            $this->number('value'),
            $this->number('temperature_c', 20.0),
            $this->has('atc') ? $this->flag('atc') : null,
            $this->number('offset'),
            $this->optional('mass_kg'),
        );
    }

    private function face(string $side): Face
    {
        $face = $this->part($side);
        try {
            $made = new Face(
                $face->number('capped'),
                $face->number('open'),
                $face->number('brood'),
                $face->number('pollen'),
            );
            if (
                $face->has('empty') &&
                $made->capped + $made->open + $made->brood + $made->pollen + $face->number('empty') > 1.0001
            ) {
                throw InvalidInput::outOfRange(
                    'The sum of the shares of a face',
                    $made->capped + $made->open + $made->brood + $made->pollen + $face->number('empty'),
                    '0 to 1',
                );
            }

            return $made;
        } catch (InvalidInput $refusal) {
            throw $refusal->under("/$side");
        }
    }
}
