<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

use Marjoram\Core\InvalidInput;

/** Frames into carrying boxes, in the order in which they are taken: none holds more than it has room or a back for. */
final readonly class Carrying
{
    /**
     * @param  int  $room  frames that a carrying box holds, 1 to 30
     * @param  float  $emptyKg  of a carrying box
     * @param  float  $mostKg  that one person should lift, with the box
     *
     * @throws InvalidInput when a number is out of range
     */
    public function __construct(private int $room, private float $emptyKg, private float $mostKg)
    {
        InvalidInput::unlessWithin($room, 1, 30, 'The room of a carrying box', '/room');
        InvalidInput::unlessWithin($emptyKg, 0.0, 40.0, 'The weight of an empty carrying box', '/empty_kg');
        InvalidInput::unlessWithin($mostKg, 0.0, 200.0, 'What one person lifts', '/most_kg');
    }

    /**
     * A frame that is too heavy by itself has a box of its own all the same.
     *
     * @param  array<array-key, float>  $frames  kg of each with its wood and wax, by id
     * @return list<CarryBox>
     */
    public function of(array $frames): array
    {
        $boxes = [];
        $in = [];
        $kg = $this->emptyKg;
        foreach ($frames as $id => $frameKg) {
            $isFull = count($in) >= $this->room || $kg + $frameKg > $this->mostKg;
            if ($in !== [] && $isFull) {
                $boxes[] = new CarryBox(count($boxes) + 1, $in, $kg);
                [$in, $kg] = [[], $this->emptyKg];
            }
            $in[] = (string) $id;
            $kg += $frameKg;
        }

        return $in === [] ? $boxes : [...$boxes, new CarryBox(count($boxes) + 1, $in, $kg)];
    }
}
