<?php

declare(strict_types=1);

namespace App\Clear;

use App\Support\Units\Formatter;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MethodOutcome;

/** The methods of one yard over its days: each visit a stake, boards lie between two. Weather stands on top. */
final class MethodChart
{
    private const LEFT = 150.0;

    private const WIDTH = 712.0;

    private const ROW = 44.0;

    /**
     * @param  list<MethodOutcome>  $methods
     * @param  list<DayForecast>  $days
     */
    public function svg(array $methods, array $days, Formatter $f, ?\DateTimeInterface $offBy): string
    {
        $pitch = (self::WIDTH - self::LEFT) / max(1, count($days));
        $height = 62.0 + self::ROW * count($methods);
        $x = function (\DateTimeInterface $date) use ($days, $pitch): float {
            $first = $days[0]->date;

            return round(
                self::LEFT + (round(($date->getTimestamp() - $first->getTimestamp()) / 86400.0) + 0.5) * $pitch,
                1,
            );
        };
        $out = '';
        foreach ($days as $i => $day) {
            $left = self::LEFT + $i * $pitch;
            if ((int) $day->date->format('N') >= 6) {
                $out .=
                    '<rect class="wk" x="'.
                    round($left, 1).
                    '" y="0" width="'.
                    round($pitch, 1).
                    '" height="'.
                    $height.
                    '"/>';
            }
            $glyph =
                $day->rainP > 0.5 ? 'w-rain' : ($day->sun > 0.6 ? 'w-sun' : ($day->sun > 0.3 ? 'w-half' : 'w-cloud'));
            $out .=
                '<text class="t12" text-anchor="middle" x="'.
                round($left + 0.5 * $pitch, 1).
                '" y="13">'.
                e(__($day->date->format('D')).' '.$day->date->format('j')).
                '</text>'.
                '<use href="#'.
                $glyph.
                '" x="'.
                round($left + 0.5 * $pitch - 8.0, 1).
                '" y="18" width="16" height="16"/>'.
                '<text class="t12 wx" text-anchor="middle" x="'.
                round($left + 0.5 * $pitch, 1).
                '" y="49">'.
                e(
                    Formatter::number($f->temperatureValue($day->minC), 0).
                        '–'.
                        Formatter::number($f->temperatureValue($day->maxC), 0),
                ).
                '</text>';
        }
        foreach ($methods as $i => $method) {
            $y = 62.0 + $i * self::ROW;
            $out .=
                '<path class="rl" d="M0 '.
                $y.
                'H'.
                self::WIDTH.
                '"/>'.
                $this->row($method, $y, $x, $f, $i === 0 && $method->feasible());
        }
        if ($offBy !== null && $days !== [] && $offBy >= $days[0]->date && $offBy <= $days[count($days) - 1]->date) {
            $out .= '<path class="lim" d="M'.($x($offBy) + 0.5 * $pitch).' 0V'.$height.'"/>';
        }

        return '<svg class="chart" viewBox="0 0 '.
            self::WIDTH.
            ' '.
            $height.
            '" role="img" aria-label="'.
            e(__('Methods of clearing by day')).
            '"><text class="t12 soft" x="0" y="49">'.
            e(__('nights and days, :unit', ['unit' => $f->temperatureUnit()])).
            '</text>'.
            $out.
            '</svg>';
    }

    private function row(MethodOutcome $method, float $y, callable $x, Formatter $f, bool $chosen): string
    {
        $key = $method->method->value;
        $out =
            '<use href="#v-'.
            \App\Wording\MethodNames::glyph($key).
            '" class="gl'.
            ($chosen ? ' gr' : '').
            '" x="2" y="'.
            ($y + 8).
            '" width="16" height="16"/><text class="t14'.
            ($chosen ? ' b' : '').
            '" x="26" y="'.
            ($y + 21).
            '">'.
            e(\App\Wording\MethodNames::word($key)).
            '</text>';
        if (! $method->feasible()) {
            return $out.
                '<text class="t13 soft it" x="'.
                (self::LEFT + 4).
                '" y="'.
                ($y + 24).
                '">'.
                e(__((string) $method->refusal)).
                '</text>';
        }
        $out .=
            '<text class="t12 soft" x="26" y="'.($y + 37).'">'.e($f->minutes($method->personMinutes)).'</text>';
        $first = $x($method->visits[0]);
        $last = $x($method->visits[count($method->visits) - 1]);
        if ($last > $first) {
            $out .=
                '<rect class="mbar" x="'.
                $first.
                '" y="'.
                ($y + 27).
                '" width="'.
                ($last - $first).
                '" height="5"/>';
        }
        foreach (array_unique([$first, $last]) as $i => $at) {
            $out .=
                '<path class="stake" d="M'.
                $at.
                ' '.
                ($y + 8).
                'v26"/><use href="#v-'.
                ($i === 0 && $last > $first ? 'board' : 'take').
                '" class="gl plan" x="'.
                ($at + 4).
                '" y="'.
                ($y + 7).
                '" width="14" height="14"/>';
        }

        return $out;
    }
}
