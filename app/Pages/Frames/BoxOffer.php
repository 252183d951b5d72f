<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\BoxState;
use Marjoram\Core\Frames\StandingBox;
use Marjoram\Core\Frames\StandingFrame;

/** A box with its frames by slot; a slot without one is a gap. */
final readonly class BoxOffer
{
    /** @param  array<int, FrameOffer>  $frames  by slot */
    public function __construct(public BoxState $box, public array $frames)
    {
    }

    /** @return list<int> */
    public function slots(): array
    {
        return range(1, $this->box->fitted->framesFitted);
    }

    /** @param  list<string>  $gone  ids of frames that are taken */
    public function standing(array $gone): StandingBox
    {
        $stay = array_filter(
            $this->frames,
            static fn (FrameOffer $one): bool => ! in_array($one->id, $gone, true),
        );

        return new StandingBox(
            $this->box->id,
            $this->box->fitted->kind->key,
            $this->box->fitted->framesFitted,
            array_map(static fn (FrameOffer $one): StandingFrame => $one->standing(), $stay),
        );
    }
}
