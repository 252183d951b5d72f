<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use Marjoram\Core\Spin\SpinReason;
use Marjoram\Core\Spin\SpinSide;

/** How a load is spun, and why so. */
final readonly class SpinWords
{
    public function __construct(private Formatter $format)
    {
    }

    public static function side(SpinSide $side): string
    {
        return match ($side) {
            SpinSide::First => __('first side'),
            SpinSide::Second => __('other side'),
            SpinSide::Both => __('both sides'),
        };
    }

    /** @param  array<string, mixed>  $figures */
    public function reason(SpinReason $reason, array $figures): string
    {
        $of = new Figures($figures, $this->format);

        return match ($reason) {
            SpinReason::FirstHalfSlow => __('Slow until half of this side is out: the full side behind it breaks the comb else.'),
            SpinReason::FreshComb => __('Slower still: new comb, or comb without wire, breaks.'),
            SpinReason::FullSpeed => __('Fast: the other side is half empty by now.'),
            SpinReason::LastOfFirst => __('Turned once more: the rest of the first side.'),
            SpinReason::OutOfBalance => __(':g g are out of balance: slower, so that it stays under :n N.', [
                'g' => number_format($of->float('g')),
                'n' => number_format($of->float('limit_n')),
            ]),
            SpinReason::NotToBeBalanced => __(':g g are out of balance: set the frames otherwise, or add spun ones.', [
                'g' => number_format($of->float('g')),
            ]),
            SpinReason::Thick => __('Thick: warm the combs first, or it takes long and stays in the cells.'),
        };
    }
}
