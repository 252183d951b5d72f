<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Foundation\Units\Formatter;
use App\Models\Schedules\DeadlineReason;
use App\Models\Schedules\LeftOut;
use App\Models\Schedules\LeftOutReason;

/** The words for the dates of a schedule. */
final readonly class ScheduleWords
{
    public function __construct(private Formatter $format)
    {
    }

    public static function deadline(DeadlineReason $why): string
    {
        return match ($why) {
            DeadlineReason::Treatment => __('treatment'),
            DeadlineReason::Flow => __('end of the flow'),
            DeadlineReason::ByHand => __('set by hand'),
            DeadlineReason::LastDay => __('last day of the schedule'),
        };
    }

    public function leftOut(LeftOut $one): string
    {
        $said = [
            'yard' => $one->yard,
            'day' => $one->ripe === null ? '' : $this->format->weekday($one->ripe),
            'off' => $one->offBy === null ? '' : $this->format->weekday($one->offBy),
        ];

        return trans_choice(self::sentence($one->reason), $one->supers, $said);
    }

    private static function sentence(LeftOutReason $reason): string
    {
        return match ($reason) {
            LeftOutReason::ToLook => '{1} :yard: :count super is still to be looked at.'
                .'|[2,*] :yard: :count supers are still to be looked at.',
            LeftOutReason::TooFar => '{1} :yard: :count super lies more than four hours off: plan that part of the world'
                .' by itself, from where you stay there.'
                .'|[2,*] :yard: :count supers lie more than four hours off: plan that part of the world by itself, from'
                .' where you stay there.',
            LeftOutReason::ForWinter => '{1} :yard: :count super is to wait, and winter will want it when it is ripe.'
                .'|[2,*] :yard: :count supers are to wait, and winter will want them when they are ripe.',
            LeftOutReason::AfterTreatment => '{1} :yard: :count super would be ripe about :day, after supers must be off'
                .' for treatment (:off): take it to be dried, or leave it to the bees.'
                .'|[2,*] :yard: :count supers would be ripe about :day, after supers must be off'
                .' for treatment (:off): take them to be dried, or leave them to the bees.',
            LeftOutReason::AfterLastDay => '{1} :yard: :count super will be ripe about :day, after the last day of this'
                .' schedule.|[2,*] :yard: :count supers will be ripe about :day, after the last day of this schedule.',
        };
    }
}
