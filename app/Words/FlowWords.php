<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use Marjoram\Core\Flow\Filter\FilterReason;
use Marjoram\Core\Flow\FlowReason;
use Marjoram\Core\Flow\Sign;

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

    /** @param  array<string, mixed>  $figures */
    public static function filter(FilterReason $reason, array $figures): string
    {
        $odds = is_float($figures['log_odds'] ?? null) ? $figures['log_odds'] : 0.0;
        $sign = $figures['sign'] ?? null;
        $what = $sign instanceof Sign ? self::name($sign) : '';
        if ($reason === FilterReason::LookSign || $reason === FilterReason::LookScale) {
            return $reason === FilterReason::LookScale
                ? __('A weight of the scale hive would tell most: none was read for days.')
                : __('Most would be told now by :what.', ['what' => $what]);
        }
        $speaks = $odds >= 0.0 ? __('for "over"') : __('against "over"');
        $how = exp(abs($odds)) >= 2.0 ? __('strongly') : __('somewhat');

        return match ($reason) {
            FilterReason::ScaleLastDays => __('The scale of the last five days speaks :how :for.', ['how' => $how, 'for' => $speaks]),
            FilterReason::ScaleBefore => __('The scale before that speaks :how :for.', ['how' => $how, 'for' => $speaks]),
            FilterReason::Weather => __('The weather (bees could fly, or could not) speaks :how :for.', ['how' => $how, 'for' => $speaks]),
            default => __(':what: what was noted speaks :how :for.', ['what' => ucfirst($what), 'how' => $how, 'for' => $speaks]),
        };
    }

    private static function name(Sign $sign): string
    {
        return match ($sign) {
            Sign::MainBloom => __('the main bloom'),
            Sign::RobbingTest => __('the robbing test'),
            Sign::EatingCapped => __('bees at capped honey'),
            Sign::NewWax => __('new wax'),
            Sign::Shake => __('a shaken frame'),
        };
    }

    private function signed(float $kg): string
    {
        return ($kg > 0.0 ? '+' : '').$this->format->kg($kg, 2);
    }
}
