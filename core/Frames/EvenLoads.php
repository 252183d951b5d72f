<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

use Marjoram\Core\InvalidInput;

/** How so many frames go into an extractor that holds so many: the last load spins smoothly only where it is full. */
final readonly class EvenLoads
{
    public int $full;

    /** Frames of the load that is not full; 0 where all are. */
    public int $over;

    /**
     * @param  int  $rotor  frames that the extractor holds, 2 to 120
     *
     * @throws InvalidInput when a number is out of range
     */
    public function __construct(public int $frames, public int $rotor)
    {
        InvalidInput::unlessWithin($frames, 0, 5000, 'The number of frames', '/frames');
        InvalidInput::unlessWithin($rotor, 2, 120, 'What the extractor holds', '/rotor');
        $this->full = intdiv($frames, $rotor);
        $this->over = $frames % $rotor;
    }

    public function loads(): int
    {
        return $this->full + ($this->over > 0 ? 1 : 0);
    }

    /** So many more would fill the last load. */
    public function more(): int
    {
        return $this->over === 0 ? 0 : $this->rotor - $this->over;
    }
}
