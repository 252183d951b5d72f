<?php

declare(strict_types=1);

namespace App\Wording;

use App\Support\Units\Formatter;
use Marjoram\Core\Flow\FlowReason;

/** What bears on whether the flow is over. */
final readonly class FlowWords
{
    public function __construct(private Formatter $format)
    {
    }

    /** @param  array<string, mixed>  $figures */
    public function reason(FlowReason $reason, array $figures): string
    {
        $of = new Figures($figures, $this->format);

        return match ($reason) {
            FlowReason::TooFewDays => __('Fewer than 3 full days of scale readings: the scale says nothing.'),
            FlowReason::ScaleChange => __(
                'The scale hive changed by :change a day over its last full days: :phase.',
                ['change' => $this->signed($of->float('kg')), 'phase' => __($of->word('phase'))],
            ),
            FlowReason::SignSeen => __(
                ':what (:day), odds times :ratio.',
                [
                    'what' => Names::ofSign($of->word('sign'), $of->word('result')),
                    'day' => $of->day('on'),
                    'ratio' => $of->word('ratio'),
                ],
            ),
        };
    }

    private function signed(float $kg): string
    {
        return ($kg > 0.0 ? '+' : '').$this->format->kg($kg, 2);
    }
}
