<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;

/** The honey of one frame of a box, seen or estimated. */
final readonly class SlotHoney
{
    /** @param  bool  $seen  pulled; else glanced at or estimated */
    private function __construct(
        public int $slot,
        public Frame $frame,
        public Kilograms $honey,
        public bool $seen,
    ) {
    }

    /**
     * @param  list<Frame>  $frames  those known
     * @return array<int, self> by slot; a slot whose frame is gone is not among them
     */
    public static function all(array $frames, BoxEstimate $estimate): array
    {
        $known = array_column($frames, null, 'slot');
        $all = [];
        foreach ($estimate->slots as $slot) {
            $frame = $known[$slot->slot] ?? null;
            if ($frame?->gone !== true) {
                $all[$slot->slot] = new self(
                    $slot->slot,
                    $frame?->saysOpen() === true ? $frame : self::estimated($slot, $frame),
                    $slot->honey,
                    $frame !== null && ! $frame->glanced,
                );
            }
        }

        return $all;
    }

    /** An empty frame that is known to stand there. */
    public static function none(int $slot): self
    {
        return new self($slot, new Frame($slot, new Face, new Face, gone: true), new Kilograms(0.0), true);
    }

    private static function estimated(SlotEstimate $slot, ?Frame $frame): Frame
    {
        $honey = $slot->honeyFace();

        return new Frame(
            $slot->slot,
            self::filled($frame?->a, $honey),
            self::filled($frame?->b, $honey),
            $frame !== null && $frame->glanced,
        );
    }

    /** As it was seen, with open honey as it is estimated where nobody said. */
    private static function filled(?Face $face, Face $honey): Face
    {
        return match (true) {
            $face === null => $honey,
            $face->saysOpen() => $face,
            default => $face->withRest(max(0.0, min($face->empty(), $honey->honey() - $face->capped))),
        };
    }
}
