<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Support\Units\Formatter;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\Way;
use Marjoram\Core\Rounds\YardToFetch;

/** The days of a round across, its yards down: weather and the crew's time above, visits and the boards' nights below. */
final readonly class SchedulePicture
{
    private const LEFT = 128.0;

    private const WIDTH = 720.0;

    private const TOP = 148.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format)
    {
    }

    public function svg(ScheduleState $state, ?int $chosen): string
    {
        $count = count($state->task->days);
        $wide = (self::WIDTH - self::LEFT) / $count;
        $height = self::TOP + self::ROW * count($state->task->yards) + 8.0;
        $window = new DayWindow(
            array_values(array_map(strval(...), array_column($state->round->task['days'], 'date'))),
            self::LEFT,
            $wide,
        );
        $out = $this->labels();
        foreach ($state->task->days as $d => $day) {
            $out .= $this->day($state, $d, self::LEFT + $d * $wide, $wide, $height, $chosen === $d);
        }
        foreach ($state->task->yards as $a => $yard) {
            $y = self::TOP + self::ROW * $a;
            $late = isset($state->plan->notServed[$a]);
            $out .= sprintf(
                '<path class="rl" d="M0 %1$.1fH%2$.1f"/><text class="t14 b%7$s" x="0" y="%3$.1f">%4$s</text><text class="t12 soft" x="0" y="%5$.1f">%6$s</text>',
                $y,
                self::WIDTH,
                $y + 18.0,
                e(mb_strimwidth($yard->id, 0, 18, '…')),
                $y + 34.0,
                e(
                    $late
                        ? __('not served')
                        : trans_choice('{1} :count hive|[2,*] :count hives', $yard->hives).
                            ', '.
                            trans_choice('{1} :count super|[2,*] :count supers', (int) round($yard->supers)),
                ),
                $state->round->task['yards'][$a]['later'] ?? false ? ' it' : '',
            );
            /** @var array{ready: string, deadline: string, treatment?: ?string, flow_ends?: ?string, later?: bool} $asked */
            $asked = $state->round->task['yards'][$a];
            $out .= $window->svg($asked, $y, self::ROW);
        }
        foreach ($state->plan->services as $part => $service) {
            $out .= $this->service($state, $service, $part, $wide);
        }

        return sprintf(
            '<svg class="chart round" viewBox="0 0 %1$.0f %2$.0f" role="group" aria-label="%3$s" data-left="%4$.1f" data-wide="%5$.3f" data-view="%1$.0f">%6$s</svg>',
            self::WIDTH,
            $height,
            e(__('Days and visits of the plan')),
            self::LEFT,
            $wide,
            $out,
        );
    }

    private function labels(): string
    {
        $out = '';
        foreach (
            [
                [46.0, __('warmest, rain')],
                [66.0, __('crew time')],
                [92.0, __('boards out')],
                [112.0, __('supers held')],
                [132.0, __('yards in dearth')],
            ] as [$y, $words]
        ) {
            $out .= sprintf('<text class="t12 soft" x="0" y="%.1f">%s</text>', $y, e($words));
        }

        return $out;
    }

    private function day(ScheduleState $state, int $d, float $x, float $wide, float $height, bool $chosen): string
    {
        $day = $state->task->days[$d];
        $of = $state->plan->days[$d];
        $off = $day->crewMin <= 0.0;
        $used = $off ? 0.0 : ($of['travel'] + $of['work']) / $day->crewMin;
        $bar = $wide - 6.0;
        $out = $chosen
            ? sprintf('<rect class="selw on" x="%.1f" y="0" width="%.1f" height="%.1f"/>', $x, $wide, $height)
            : '';
        $out .= $off ? sprintf('<rect class="wk" x="%.1f" y="0" width="%.1f" height="%.1f"/>', $x, $wide, $height) : '';
        $out .= sprintf('<path class="rl" d="M%1$.1f 0V%2$.1f"/>', $x, $height);
        $label =
            $this->format->weekday($day->date).
            ': '.
            ($off
                ? __('day off')
                : __(':used of :all minutes, :in supers in', [
                    'used' => round($of['travel'] + $of['work']),
                    'all' => round($day->crewMin),
                    'in' => round($of['in']),
                ]));
        $words = sprintf(
            '<text class="t12 soft" x="%1$.1f" y="10" text-anchor="middle">%2$s</text><text class="t13 b" x="%1$.1f" y="24" text-anchor="middle">%3$s</text>',
            $x + 0.5 * $wide,
            e($wide > 30.0 ? __($day->date->format('D')) : ''),
            e($d === 0 || $day->date->format('j') === '1' ? $this->format->day($day->date) : $day->date->format('j')),
        );
        $out .=
            '<a href="'.
            e(route('clear.rounds.show', [$state->round->id, 'day' => $day->date->format('Y-m-d')], false)).
            '"'.
            ($chosen ? ' aria-current="true"' : '').
            '><title>'.
            e($label).
            '</title>'.
            sprintf('<rect class="hit" x="%.1f" y="0" width="%.1f" height="28"/>', $x, $wide).
            $words.
            '</a>';
        $out .= sprintf(
            '<text class="t12 wx" x="%1$.1f" y="40" text-anchor="middle">%2$s</text><text class="t12 wx" x="%1$.1f" y="52" text-anchor="middle">%3$s</text>',
            $x + 0.5 * $wide,
            e(Formatter::number($this->format->temperatureValue($day->maxC), 0)).'°',
            round(100.0 * $day->rainP).' %',
        );
        if (! $off) {
            $out .= sprintf(
                '<rect class="fbar pr" x="%1$.1f" y="56" width="%2$.1f" height="12"/><rect class="mbar" x="%1$.1f" y="56" width="%3$.1f" height="12"/>',
                $x + 3.0,
                $bar,
                $bar * min(1.0, $used),
            );
            $out .=
                $used > 1.0 + 1e-6
                    ? sprintf(
                        '<text class="t12 b danger" x="%.1f" y="66" text-anchor="middle">!</text>',
                        $x + 0.5 * $wide,
                    )
                    : '';
        }
        $out .=
            $of['boards'] > 0
                ? sprintf(
                    '<text class="t12" x="%.1f" y="92" text-anchor="middle">%d</text>',
                    $x + 0.5 * $wide,
                    $of['boards'],
                )
                : '';

        $dearth = count(
            array_filter(
                $state->task->yards,
                static fn (YardToFetch $yard): bool => $state->task->sky($yard, $d)->dearth,
            ),
        );
        $out .=
            $dearth > 0
                ? sprintf(
                    '<text class="t12" x="%.1f" y="132" text-anchor="middle">%d</text>',
                    $x + 0.5 * $wide,
                    $dearth,
                )
                : '';

        return $out.
            ($of['held'] > 0.05
                ? sprintf(
                    '<text class="t12" x="%.1f" y="112" text-anchor="middle">%d</text>',
                    $x + 0.5 * $wide,
                    (int) round($of['held']),
                )
                : '');
    }

    private function service(ScheduleState $state, Visit $service, int $part, float $wide): string
    {
        $y = self::TOP + self::ROW * $service->yard + 10.0;
        $x = static fn (int $d): float => self::LEFT + ($d + 0.5) * $wide;
        $yard = $state->round->task['yards'][$service->yard];
        $date = static fn (int $d): string => $state->task->days[$d]->date->format('Y-m-d');
        $locked = in_array($service, $state->task->locks, false);
        $words =
            __(':yard by :way: :when', [
                'yard' => $yard['name'],
                'way' => ScheduleState::word($service->way),
                'when' => ($service->places()
                        ? $this->format->weekday($state->task->days[$service->first]->date).' – '
                        : '').$this->format->weekday($state->task->days[$service->last]->date),
            ]).($locked ? ', '.__('locked') : '');
        $out = '<title>'.e($words).'</title>';
        if ($service->way === Way::Escape) {
            $out .= sprintf(
                '<path class="mb ch" d="M%.1f %.1fH%.1f"/><use href="#v-board" class="gl plan" x="%.1f" y="%.1f" width="18" height="18"/>',
                $x($service->first),
                $y + 12.0,
                $x($service->last),
                $x($service->first) - 9.0,
                $y + 3.0,
            );
            $out .= sprintf(
                '<rect class="crop" x="%.1f" y="%.1f" width="18" height="14"/>',
                $x($service->last) - 9.0,
                $y + 5.0,
            );
        } else {
            $out .= sprintf(
                '<rect class="crop" x="%.1f" y="%.1f" width="18" height="14"/><use href="#v-%s" class="gl" x="%.1f" y="%.1f" width="18" height="18"/>',
                $x($service->last) - 9.0,
                $y + 14.0,
                ScheduleState::glyph($service->way),
                $x($service->last) - 9.0,
                $y - 6.0,
            );
        }
        $out .= $locked
            ? sprintf(
                '<path class="gs" d="M%1$.1f %2$.1fv-4a4 4 0 0 1 8 0v4"/><rect class="gf" x="%3$.1f" y="%2$.1f" width="12" height="8"/>',
                $x($service->last) + 11.0,
                $y + 12.0,
                $x($service->last) + 9.0,
            )
            : '';

        return '<a class="visit" href="#move" data-yard="'.
            e((string) $yard['id']).
            '" data-part="'.
            $part.
            '" data-way="'.
            $service->way->value.
            '" data-first="'.
            $service->first.
            '" data-last="'.
            $service->last.
            '" data-dates="'.
            e($date($service->first).' '.$date($service->last)).
            '" aria-label="'.
            e($words).
            '">'.
            $out.
            '</a>';
    }
}
