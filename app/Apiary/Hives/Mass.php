<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use Marjoram\Core\Ripeness\BoxHoney;

/** kg with their standard deviation. */
final readonly class Mass
{
    public function __construct(public float $kg, public float $sdKg)
    {
    }

    /** @param  list<BoxHoney>  $boxes */
    public static function ofBoxes(array $boxes): self
    {
        $kg = array_sum(array_map(static fn (BoxHoney $honey): float => $honey->honeyKg, $boxes));

        return new self($kg, BoxHoney::sdOfSum($boxes));
    }
}
