<?php

declare(strict_types=1);

namespace App\Words;

use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Rounds\ScheduleLimit;

/** The names of the core's cases. */
final class Names
{
    public static function ofVerdict(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Take => __('Take'),
            Verdict::TakeAndDry => __('Dry'),
            Verdict::Wait => __('Wait'),
            Verdict::Rearrange => __('Rearrange'),
            Verdict::Leave => __('Leave'),
            Verdict::Look => __('Look'),
        };
    }

    public static function sentenceOf(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Take => __('Take it. It is ripe.'),
            Verdict::TakeAndDry => __('Take it, and dry it before extraction.'),
            Verdict::Wait => __('Wait. The bees are still at it.'),
            Verdict::Rearrange => __('Rearrange: gather the ripe frames, leave the rest.'),
            Verdict::Leave => __('Leave it with the bees.'),
            Verdict::Look => __('Look once more before you decide.'),
        };
    }

    public static function ofMethod(Method $method): string
    {
        return match ($method) {
            Method::Brush => __('brush'),
            Method::EscapeBoard => __('escape boards'),
            Method::FumeBoard => __('fume boards'),
            Method::Blower => __('blower'),
            Method::ByFrame => __('frame by frame'),
            Method::Cold => __('in the cold'),
        };
    }

    public static function ofRipenessSchool(RipenessSchool $school): string
    {
        return match ($school) {
            RipenessSchool::CappedAndRefractometer => __('capped share with the refractometer'),
            RipenessSchool::CappedOnly => __('fully capped only'),
            RipenessSchool::Capped90 => __('at least 90 % of the honey capped'),
            RipenessSchool::Refractometer => __('refractometer alone'),
        };
    }

    public static function ofWinterSchool(WinterSchool $school): string
    {
        return match ($school) {
            WinterSchool::Computed => __('reckoned by climate and strength'),
            WinterSchool::FullSuper => __('a full super at least'),
            WinterSchool::BoxRule => __('a number of boxes by hand'),
            WinterSchool::LeaveAll => __('leave all, take the rest in spring'),
        };
    }

    public static function ofSign(string $sign, string $result): string
    {
        return match ([$sign, $result]) {
            ['main-bloom', 'finished'] => __('main bloom finished'),
            ['main-bloom', 'on'] => __('main bloom still on'),
            ['robbing-test', 'robbed'] => __('open honey set aside was robbed'),
            ['robbing-test', 'ignored'] => __('open honey set aside was ignored'),
            ['eating-capped', 'seen'] => __('bees open and eat capped honey'),
            ['new-wax', 'seen'] => __('new white wax is drawn'),
            ['shake', 'nectar'] => __('nectar rains from a shaken frame'),
            default => $sign,
        };
    }

    public static function ofLimit(ScheduleLimit $limit): string
    {
        return match ($limit) {
            ScheduleLimit::Crew => __('minutes of crew time'),
            ScheduleLimit::Truck => __('supers on the truck'),
            ScheduleLimit::Boards => __('escape boards'),
            ScheduleLimit::Hold => __('supers in the honey room'),
        };
    }

    public static function ofTaking(Method $method): string
    {
        return match ($method) {
            Method::EscapeBoard => __('Lift each super off its board without a jolt, brush off the few bees left, cover it at once.'),
            Method::FumeBoard => __('A little smoke first; the board on top, wet as its label says, off again as soon as the bees are down.'),
            Method::Blower => __('Each super on its end beside the hive; blow between the frames towards the entrance, then cover it.'),
            Method::Brush => __('Frame by frame: shake, brush the rest downwards, and into a covered box at once.'),
            Method::ByFrame => __('Only the finished frames: shake, brush, and into a covered carrying box at once; what stays is gathered.'),
            Method::Cold => __('The day before break the seal and weight the supers again, the excluder out; lift them off at the coldest hour.'),
        };
    }
}
