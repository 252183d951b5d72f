<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\HiveState;
use Marjoram\Core\Frames\FrameShift;
use Marjoram\Core\Frames\Gathering;
use Marjoram\Core\Frames\GatherPlan;
use Marjoram\Core\Frames\OfferedFrame;
use Marjoram\Core\Frames\Proposal;
use Marjoram\Core\Frames\StandingBox;

/** The frames of one hive, and what of its honey winter can spare. */
final readonly class HiveOffer
{
    /**
     * @param  float  $spareKg  infinite where no bees live
     * @param  list<BoxOffer>  $boxes  from the floor up
     */
    public function __construct(public HiveState $hive, public float $spareKg, public array $boxes)
    {
    }

    /** @return list<FrameOffer> from the top, each box from its first slot */
    public function frames(): array
    {
        $frames = array_map(
            static fn (BoxOffer $box): array => array_values($box->frames),
            array_reverse($this->boxes),
        );

        return array_merge([], ...$frames);
    }

    /** @return list<string> ids of frames that come off by the rule */
    public function proposed(): array
    {
        $offered = array_map(static fn (FrameOffer $one): OfferedFrame => $one->offered(), $this->frames());

        return Proposal::of($offered, $this->spareKg);
    }

    /**
     * @param  list<string>  $gone  ids of frames that are taken
     * @return list<StandingBox> all boxes with what stays, from the floor up
     */
    public function standing(array $gone): array
    {
        return array_map(static fn (BoxOffer $one): StandingBox => $one->standing($gone), $this->boxes);
    }

    /** @param  list<string>  $gone  ids of frames that are taken */
    public function gathered(array $gone, bool $flowOn): GatherPlan
    {
        $supers = array_filter($this->boxes, static fn (BoxOffer $one): bool => $one->box->isSuper());

        return (new Gathering)->plan(
            array_map(static fn (BoxOffer $one): StandingBox => $one->standing($gone), array_values($supers)),
            $flowOn,
            array_values(array_map(
                static fn (FrameOffer $one): string => $one->box->id,
                array_filter($this->frames(), static fn (FrameOffer $one): bool => in_array($one->id, $gone, true)),
            )),
        );
    }

    /** One move of the hands. */
    public function words(FrameShift $shift): string
    {
        $from = $this->box($shift->fromBox)?->box;
        $to = $this->box($shift->toBox)?->box;

        return $from === $to
            ? __(':box: frame :from to slot :to', [
                'box' => $from?->name() ?? '',
                'from' => $shift->fromSlot,
                'to' => $shift->toSlot,
            ])
            : __(':box, frame :from: to :below, slot :to', [
                'box' => $from?->name() ?? '',
                'from' => $shift->fromSlot,
                'below' => $to?->name() ?? '',
                'to' => $shift->toSlot,
            ]);
    }

    public function box(string $id): ?BoxOffer
    {
        foreach ($this->boxes as $one) {
            if ($one->box->id === $id) {
                return $one;
            }
        }

        return null;
    }
}
