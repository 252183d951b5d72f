<?php

declare(strict_types=1);

namespace App\Assess;

use Marjoram\Core\Ripeness\Verdict;

/** The glyph and the word of each verdict: never colour alone. */
final class Marks
{
    public static function glyph(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::TakeAndDry => 'dry',
            default => $verdict->value,
        };
    }

    public static function word(Verdict $verdict): string
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

    public static function sentence(Verdict $verdict): string
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
}
