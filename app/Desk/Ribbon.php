<?php

declare(strict_types=1);

namespace App\Desk;

use App\Operation\CurrentOperation;
use App\Support\SeasonCalendar;
use App\Support\Units\Formatter;
use DateTimeImmutable;

/** The season as one line: months, flow, harvests, what is planned, the treatment, and a thread for today. */
final readonly class Ribbon
{
    private const WIDTH = 956.0;

    private const GROUND = 56.0;

    private const TOP = 14.0;

    public function __construct(private CurrentOperation $current, private Formatter $format)
    {
    }

    public function svg(Summary $summary): string
    {
        $south = $this->current->get()->latitude < 0;
        $first = SeasonCalendar::firstDay($summary->season, $south);
        $days = (int) $first->diff(SeasonCalendar::lastDay($summary->season, $south))->days + 1;
        $x = static fn (string $date): float => round(
            self::WIDTH *
                max(
                    0.0,
                    min(
                        1.0,
                        ((new DateTimeImmutable($date))->getTimestamp() - $first->getTimestamp()) / 86400.0 / $days,
                    ),
                ),
            1,
        );
        $out = '';
        for (
            $month = $first;
            $month <= SeasonCalendar::lastDay($summary->season, $south);
            $month = $month->modify('first day of next month')
        ) {
            $at = $x($month->format('Y-m-d'));
            $out .=
                "<path class=\"rl\" d=\"M$at 14V72\"/><text class=\"t12 soft\" x=\"".
                ($at + 5).
                '" y="68">'.
                e(__($month->format('M'))).
                '</text>';
        }
        $out .= $this->flow($summary->flow, $x);
        foreach ($summary->harvests as $harvest) {
            $at = $x($harvest['date']);
            $out .=
                "<path class=\"hv1\" d=\"M$at 56V40M".
                ($at - 4).
                ' 45l4-5 4 5"/><text class="t12" x="'.
                ($at + 6).
                '" y="46">'.
                e($this->format->kg($harvest['kg'], 0)).
                '</text>';
        }
        foreach ($summary->planned as $planned) {
            $at = $x($planned['date']);
            $out .= "<path class=\"hv1 plan\" d=\"M$at 56V40M".($at - 4).' 45l4-5 4 5"/>';
        }
        if ($summary->treatment !== null) {
            $at = $x($summary->treatment);
            $out .=
                "<path class=\"flag\" d=\"M$at 56V22h26l-5 6 5 6H$at\"/><text class=\"t12\" x=\"".
                ($at + 32).
                '" y="34">'.
                e(__('off by :day', ['day' => $this->format->day(new DateTimeImmutable($summary->treatment))])).
                '</text>';
        }
        $now = $this->current->today();
        $at = $x($now->format('Y-m-d'));
        $anchor = $at > self::WIDTH - 90 ? 'end' : 'start';
        $out .=
            '<path class="gnd" d="M0 56H'.
            self::WIDTH.
            "\"/><path class=\"thread\" d=\"M$at 6V72\"/><text class=\"t12 b halo\" text-anchor=\"$anchor\" x=\"".
            ($at + ($anchor === 'end' ? -6 : 6)).
            '" y="16">'.
            e($this->format->weekday($now)).
            '</text>';

        return '<svg class="ribbon-drawing" viewBox="0 0 '.
            self::WIDTH.
            ' 72" preserveAspectRatio="none" role="img" aria-label="'.
            e($this->words($summary)).
            '">'.
            $out.
            '</svg>';
    }

    /**
     * @param  array<string, float>  $flow
     * @param  callable(string): float  $x
     */
    private function flow(array $flow, callable $x): string
    {
        if ($flow === []) {
            return '';
        }
        $most = max(1.0, max($flow));
        $points = [];
        $peak = array_search(max($flow), $flow, true);
        foreach ($flow as $date => $gain) {
            $points[] =
                $x($date).' '.round(self::GROUND - ((self::GROUND - self::TOP) * max(0.0, $gain)) / $most, 1);
        }
        $line = implode('L', $points);
        $label =
            $peak === false
                ? ''
                : '<text class="t12 soft" x="'.
                    ($x((string) $peak) + 8).
                    '" y="16">'.
                    e(__(':kg a day', ['kg' => $this->format->kg($flow[$peak])])).
                    '</text>';

        return '<path class="flowf" d="M'.
            $x((string) array_key_first($flow)).
            ' 56L'.
            $line.
            'L'.
            $x((string) array_key_last($flow)).
            ' 56z"/><path class="flowl" d="M'.
            $line.
            '"/>'.
            $label;
    }

    private function words(Summary $summary): string
    {
        $words = [__('Season :year', ['year' => $summary->season])];
        foreach ($summary->harvests as $harvest) {
            $words[] = __('harvest of :kg on :day', [
                'kg' => $this->format->kg($harvest['kg'], 0),
                'day' => $this->format->day(new DateTimeImmutable($harvest['date'])),
            ]);
        }
        if ($summary->treatment !== null) {
            $words[] = __('supers off by :day for treatment', [
                'day' => $this->format->day(new DateTimeImmutable($summary->treatment)),
            ]);
        }

        return implode('; ', $words);
    }
}
