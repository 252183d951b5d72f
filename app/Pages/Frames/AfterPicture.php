<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\YardPicture;
use App\Drawing\DrawnBox;
use App\Drawing\DrawnHive;
use App\Drawing\DrawnSlot;
use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Frames\GatherPlan;
use Marjoram\Core\Frames\StandingBox;
use Marjoram\Core\Frames\StandingFrame;

/** A hive before the frames come off, and as it stands after what stays was gathered. */
final readonly class AfterPicture
{
    public function __construct(private YardPicture $yards)
    {
    }

    public function of(HiveOffer $hive, YardFrames $frames, GatherPlan $plan): ElevationPicture
    {
        $code = $hive->hive->code;
        $now = fn (BoxOffer $one): DrawnBox => $this->yards->box($hive->hive, $one->box, null);
        $before = array_map($now, $hive->boxes);
        $stands = array_column($plan->after, null, 'id');
        $after = [];
        foreach ($hive->boxes as $i => $offer) {
            if (! in_array($offer->box->id, $plan->emptied, true)) {
                $standing = $stands[$offer->box->id] ?? $offer->standing($frames->ids());
                $after[] = self::with($before[$i], $standing, $hive);
            }
        }

        return (new Elevation(0.13, false))->of([
            new DrawnHive(__('now'), $before, $hive->hive->excluder),
            new DrawnHive(__('after'), $after, $hive->hive->excluder),
        ], __('Hive :code now and after', ['code' => $code]));
    }

    private static function with(DrawnBox $box, StandingBox $standing, HiveOffer $hive): DrawnBox
    {
        $frames = array_column($hive->frames(), null, 'id');
        $slots = [];
        for ($slot = 1; $slot <= $standing->slots; $slot++) {
            $slots[] = self::slot($standing->frames[$slot] ?? null, $frames);
        }

        return new DrawnBox($box->id, $box->heightMm, $box->widthMm, $box->insideMm, $slots, $box->brood);
    }

    /** @param  array<array-key, FrameOffer>  $frames  by id */
    private static function slot(?StandingFrame $standing, array $frames): DrawnSlot
    {
        $frame = $standing === null ? null : $frames[$standing->id] ?? null;

        return $frame === null
            ? new DrawnSlot(true, new Face, new Face, gap: true)
            : new DrawnSlot($frame->held->seen, $frame->held->frame->a, $frame->held->frame->b);
    }
}
