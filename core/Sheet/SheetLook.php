<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Ripeness\Shake;

/**
 * The newest look at a box, with what is tapped on a phone and not sent yet laid over it. A tap on another day begins a
 * look of its own, before which the one that is known has become the last.
 */
final readonly class SheetLook
{
    private const SECONDS_A_DAY = 86400.0;

    /**
     * @param  ?string  $on  the day of the look, YYYY-MM-DD; null where nobody has looked
     * @param  list<Frame>  $frames
     * @param  list<Reading>  $readings
     */
    private function __construct(
        public ?string $on,
        public ?float $at,
        public array $frames = [],
        public ?Shake $shake = null,
        public array $readings = [],
        public ?float $daysSinceLast = null,
        public ?float $lastCappedShare = null,
    ) {
    }

    /** @throws InvalidInput */
    public static function stored(Fields $look): self
    {
        return new self(
            $look->has('on') ? $look->text('on') : null,
            $look->optional('at'),
            $look->each('frames', Values::frame(...)),
            Shake::tryFrom($look->text('shake')),
            $look->each('readings', Values::reading(...)),
            $look->optional('days_since_last'),
            $look->optional('last_capped_share'),
        );
    }

    /**
     * @param  Fields  $taps  frames (as painted), shake, readings, moved (slots that a frame was taken out of, or
     *     a wet one put into); only what was tapped is there
     * @param  ?EyeCorrection  $eye  of whoever tapped
     * @param  string  $today  YYYY-MM-DD
     * @param  float  $now  seconds since 1970
     *
     * @throws InvalidInput
     */
    public function with(Fields $taps, ?EyeCorrection $eye, string $today, float $now): self
    {
        $isTapped = $taps->has('frames') || $taps->has('readings') || $taps->says('shake');

        return ($isTapped ? $this->tapped($taps, $eye, $today, $now) : $this)->moved($taps);
    }

    /** @throws InvalidInput */
    private function tapped(Fields $taps, ?EyeCorrection $eye, string $today, float $now): self
    {
        $from = $this->on === $today ? $this : $this->begunAnew($today, $now);
        $frames = array_column($from->frames, null, 'slot');
        foreach ($taps->each('frames', Values::frame(...)) as $frame) {
            $frames[$frame->slot] = self::corrected($frame, $eye);
        }
        ksort($frames);

        return new self(
            $today,
            $from->at,
            array_values($frames),
            $taps->says('shake') ? Shake::tryFrom($taps->text('shake')) : $from->shake,
            [...$from->readings, ...$taps->each('readings', Values::reading(...))],
            $from->daysSinceLast,
            $from->lastCappedShare,
        );
    }

    /** Nobody has looked, and no frame went or came. */
    public function isNothing(): bool
    {
        return $this->on === null && $this->frames === [] && $this->readings === [];
    }

    /**
     * A frame that went or came is no look: what was seen of the others stands as it was seen.
     *
     * @throws InvalidInput
     */
    private function moved(Fields $taps): self
    {
        $frames = array_column($this->frames, null, 'slot');
        foreach ($taps->each('moved', static fn (Fields $one): int => $one->whole('slot')) as $slot) {
            $frames[$slot] = new Frame($slot, new Face, new Face, gone: true);
        }
        ksort($frames);

        return new self(
            $this->on,
            $this->at,
            array_values($frames),
            $this->shake,
            $this->readings,
            $this->daysSinceLast,
            $this->lastCappedShare,
        );
    }

    private function begunAnew(string $today, float $now): self
    {
        return $this->on === null
            ? new self($today, $now)
            : new self(
                $today,
                $now,
                daysSinceLast: $this->at === null ? null : round(abs($now - $this->at) / self::SECONDS_A_DAY),
                lastCappedShare: Comb::cappedShare($this->frames),
            );
    }

    private static function corrected(Frame $frame, ?EyeCorrection $eye): Frame
    {
        return $eye === null
            ? $frame
            : new Frame($frame->slot, $eye->face($frame->a), $eye->face($frame->b), $frame->glanced);
    }
}
