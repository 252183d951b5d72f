<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Hives\BoxState;
use App\Apiary\Inspections\CombNote;
use Marjoram\Core\Frames\OfferedFrame;
use Marjoram\Core\Frames\StandingFrame;
use Marjoram\Core\Ripeness\SlotHoney;

/** A frame in its slot, as it may be taken, moved or left. */
final readonly class FrameOffer
{
    public string $id;

    public function __construct(
        public string $hive,
        public BoxState $box,
        public SlotHoney $held,
        public bool $ripe,
        public bool $forWinter,
    ) {
        $this->id = FrameMarks::idOf($box->mark, $held->slot);
    }

    public function comb(): ?CombNote
    {
        return $this->box->look->combs[$this->slot()] ?? null;
    }

    public function slot(): int
    {
        return $this->held->slot;
    }

    /** Written on its top bar: where it goes back to. */
    public function mark(): string
    {
        return FrameMarks::home($this->hive, $this->box, $this->slot());
    }

    public function hasBrood(): bool
    {
        return $this->held->frame->hasBrood();
    }

    /** With its wood and wax. */
    public function grossKg(): float
    {
        return $this->held->honey->kg + $this->box->fitted->kind->frameMassKg();
    }

    public function offered(): OfferedFrame
    {
        return new OfferedFrame(
            $this->id,
            $this->held->honey->kg,
            $this->held->frame->cappedShareOfHoney(),
            $this->ripe,
            $this->hasBrood(),
            ! $this->box->isSuper(),
            $this->forWinter,
        );
    }

    public function standing(): StandingFrame
    {
        $frame = $this->held->frame;

        return new StandingFrame($frame->fill(), $frame->cappedShareOfHoney() ?? 0.0, ! $frame->hasBrood(), $this->id);
    }
}
