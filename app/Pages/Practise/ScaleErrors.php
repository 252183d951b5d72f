<?php

declare(strict_types=1);

namespace App\Pages\Practise;

/** How far readings were off. */
final readonly class ScaleErrors
{
    private function __construct(public int $count, public float $bias, public ?float $spread)
    {
    }

    /** @param  non-empty-list<array{float, float}>  $pairs  truth and guess */
    public static function of(array $pairs): self
    {
        $errors = array_map(static fn (array $pair): float => $pair[1] - $pair[0], $pairs);
        $count = count($errors);
        $bias = array_sum($errors) / $count;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $bias) ** 2, $errors));

        return new self($count, $bias, $count > 1 ? sqrt($squares / ($count - 1)) : null);
    }
}
