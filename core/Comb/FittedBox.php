<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/** A box of a kind with as many frames as were put into it: nine in a ten-frame super give fatter combs. */
final readonly class FittedBox
{
    public int $framesFitted;

    /** Frames that stood in the box when its combs were drawn: set wider they are no thicker until bees build on. */
    public int $drawnAt;

    /** @throws InvalidInput when more frames are fitted than the box has room for, or none */
    public function __construct(public BoxKind $kind, ?int $framesFitted = null, ?int $drawnAt = null)
    {
        $fitted = $framesFitted ?? $kind->frames;
        InvalidInput::unlessWithin($fitted, 1, $kind->frames, 'The number of frames fitted', '/frames_fitted');
        InvalidInput::unlessWithin($drawnAt ?? $fitted, 1, $kind->frames, 'The combs drawn at', '/drawn_at');
        $this->framesFitted = $fitted;
        $this->drawnAt = max($fitted, $drawnAt ?? $fitted);
    }

    /** Distance of a slot from the middle of the box, 0 in the centre and 1 at the outermost slots. */
    public function distanceFromCentre(int $slot): float
    {
        return $this->framesFitted === 1
            ? 0.0
            : abs(2.0 * $slot - $this->framesFitted - 1.0) / ($this->framesFitted - 1.0);
    }

    /**
     * @param  list<Frame>  $frames
     *
     * @throws InvalidInput when a frame's slot is not in the box or stands twice
     */
    public function assertHolds(array $frames): void
    {
        $seen = [];
        foreach ($frames as $i => $frame) {
            if ($frame->slot > $this->framesFitted) {
                throw InvalidInput::outOfRange('The slot', $frame->slot, "1 to $this->framesFitted", "/frames/$i/slot");
            }
            if (isset($seen[$frame->slot])) {
                throw InvalidInput::because(
                    'Slot :slot is given twice.',
                    'each slot once',
                    "/frames/$i/slot",
                    ['slot' => $frame->slot],
                );
            }
            $seen[$frame->slot] = true;
        }
    }
}
