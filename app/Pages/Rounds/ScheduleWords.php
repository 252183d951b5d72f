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
            LeftOutReason::ToLook => '{1} :yard: :count super needs an inspection.'
                .'|[2,*] :yard: :count supers need an inspection.',
            LeftOutReason::TooFar => '{1} :yard: :count super is more than four hours away. Plan that yard separately.'
                .'|[2,*] :yard: :count supers are more than four hours away. Plan that yard separately.',
            LeftOutReason::ForWinter => '{1} :yard: :count super must wait, and winter will need the honey.'
                .'|[2,*] :yard: :count supers must wait, and winter will need the honey.',
            LeftOutReason::AfterTreatment => '{1} :yard: :count super would be ripe about :day, too late for treatment'
                .' (:off). Take and dry the super, or leave it to the bees.'
                .'|[2,*] :yard: :count supers would be ripe about :day, too late for treatment (:off).'
                .' Take and dry the supers, or leave them to the bees.',
            LeftOutReason::AfterLastDay => '{1} :yard: :count super will be ripe about :day, after the last day of this'
                .' schedule.|[2,*] :yard: :count supers will be ripe about :day, after the last day of this schedule.',
        };
    }
}
