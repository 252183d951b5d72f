<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/** Jars of one size. */
final readonly class JarSize
{
    /**
     * @param  int  $netG  that goes in, 5 to 50,000
     * @param  int  $stock  empty jars at hand
     * @param  ?float  $price  for one that is full; null where no goal asks for it
     * @param  int  $mustFill  as ordered; not more than the stock
     *
     * @throws InvalidInput when a value is out of range
     */
    public function __construct(
        public string $id,
        public int $netG,
        public int $stock,
        public ?float $price = null,
        public int $mustFill = 0,
    ) {
        InvalidInput::unlessWithin($netG, 5, 50000, 'What goes into a jar', '/net_g');
        InvalidInput::unlessWithin($stock, 0, 100000, 'The stock', '/stock');
        InvalidInput::unlessWithin($price ?? 0.0, 0.0, 100000.0, 'The price', '/price');
        InvalidInput::unlessWithin($mustFill, 0, $stock, 'The jars that must be filled', '/must_fill');
    }
}
