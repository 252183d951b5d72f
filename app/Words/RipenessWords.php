<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\TakingCaution;

/** Why a verdict is what it is. */
final readonly class RipenessWords
{
    public function __construct(private Formatter $format)
    {
    }

    /** @param  array<string, mixed>  $figures */
    public function reason(Reason $reason, array $figures): string
    {
        $of = new Figures($figures, $this->format);
        $odds = ['p' => $of->percent('p'), 'asked' => $of->percent('asked')];

        return match ($reason) {
            Reason::Brood => __('There is brood on a frame of this super.'),
            Reason::PutOnEmpty => trans_choice(
                '{0} It was put on empty today.|{1} It was put on empty yesterday; nobody has looked since.'
                    .'|[2,*] It was put on empty :count days ago; nobody has looked since.',
                (int) round($of->float('days')),
            ),
            Reason::NoHoney => __('There is no honey in the frames seen.'),
            Reason::PolicyMet => __('The policy is met with a probability of :p %; :asked % was asked for.', $odds),
            Reason::PolicyOpen => __('Whether the policy is met is open: :p %; it takes :asked % to decide.', $odds),
            Reason::PolicyNotMet => __(
                'The policy is met with a probability of only :p %; :asked % was asked for.',
                $odds,
            ),
            Reason::FlowOn => __('The flow is not over: the bees are still filling and capping.'),
            Reason::UnderCapped => __(
                'Presumed, not seen: a super above it is capped, so more capping is expected here.',
            ),
            Reason::CappedShare, Reason::WaterMeasured, Reason::WaterPresumed => self::measure($reason, $of),
            Reason::CanDry => __(
                'At most :most % water and near the capping asked for: the drying room can do the rest.',
                ['most' => $of->number('most_pct')],
            ),
            Reason::FramesPresumed, Reason::FramesGlanced, Reason::SomeFramesRipe => self::frames($reason, $of),
        };
    }

    public static function caution(TakingCaution $caution): string
    {
        return match ($caution) {
            TakingCaution::LookForTheQueen => __(
                'No excluder and frames not looked at: look for brood and the queen before it is taken.',
            ),
        };
    }

    private static function measure(Reason $reason, Figures $of): string
    {
        $share = ['share' => $of->percent('share'), 'sd' => $of->percent('sd'), 'asked' => $of->percent('asked')];
        $water = [
            'water' => $of->number('pct', 1),
            'sd' => $of->number('sd_pct', 1),
            'most' => $of->number('most_pct', 1),
        ];

        return match ($reason) {
            Reason::CappedShare => __(
                'Of the honey :share % is capped (standard deviation :sd); the policy asks for :asked %.',
                $share,
            ),
            Reason::WaterMeasured => __(
                'Water measured: :water % (standard deviation :sd); at most :most % is wanted.',
                $water,
            ),
            default => __(
                'Water presumed from the capping, no reading: :water % (standard deviation :sd); at most :most % is wanted.',
                $water,
            ),
        };
    }

    private static function frames(Reason $reason, Figures $of): string
    {
        $frames = ['frames' => $of->number('frames'), 'of' => $of->number('of')];

        return match ($reason) {
            Reason::FramesPresumed => __(':frames of :of frames were not looked at and are presumed.', $frames),
            Reason::FramesGlanced => __(
                ':frames frames were not pulled, but taken as like another; they count as less sure.',
                $frames,
            ),
            default => __(':frames frames are ripe by themselves and can be gathered; the rest stays.', $frames),
        };
    }
}
