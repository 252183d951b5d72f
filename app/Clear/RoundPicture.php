<?php

declare(strict_types=1);

namespace App\Clear;

use App\Support\Units\Formatter;
use Marjoram\Core\Rounds\Service;
use Marjoram\Core\Rounds\Way;

/** The days of a round across, its yards down: weather and the crew's time above, visits and the boards' nights below. */
final readonly class RoundPicture
{
    private const LEFT = 128.0;

    private const WIDTH = 720.0;

    private const TOP = 128.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format)
    {
    }

    public function svg(RoundState $state, ?int $chosen): string
    {
        $count = count($state->task->days);
        $wide = (self::WIDTH - self::LEFT) / $count;
        $height = self::TOP + self::ROW * count($state->task->yards) + 8.0;
        $out = $this->labels();
        foreach ($state->task->days as $d => $day) {
            $out .= $this->day($state, $d, self::LEFT + $d * $wide, $wide, $height, $chosen === $d);
        }
        foreach ($state->task->yards as $a => $yard) {
            $y = self::TOP + self::ROW * $a;
            $late = isset($state->plan->notServed[$a]);
            $out .= sprintf('<path class="rl" d="M0 %1$.1fH%2$.1f"/><text class="t14 b" x="0" y="%3$.1f">%4$s</text><text class="t12 soft" x="0" y="%5$.1f">%6$s</text>', $y, self::WIDTH, $y + 18.0, e($yard->id), $y + 34.0,
                e($late ? __('not served') : trans_choice('{1} :count hive|[2,*] :count hives', $yard->hives).', '.trans_choice('{1} :count super|[2,*] :count supers', (int) round($yard->supers))));
            foreach ($state->task->days as $d => $day) {
                if ($day->date->format('Y-m-d') === $yard->deadline->format('Y-m-d') && ($state->round->task['yards'][$a]['treatment'] ?? null) !== null) {
                    $x = self::LEFT + ($d + 1) * $wide - 2.0;
                    $out .= sprintf('<path class="flag" d="M%1$.1f %2$.1fv%3$.1fM%1$.1f %4$.1fh-9l3 4l-3 4h9"/>', $x, $y + 2.0, self::ROW - 4.0, $y + 4.0);
                }
            }
        }
        foreach ($state->plan->services as $service) {
            $out .= $this->service($state, $service, $wide);
        }

        return sprintf('<svg class="chart round" viewBox="0 0 %1$.0f %2$.0f" role="group" aria-label="%3$s" data-left="%4$.1f" data-wide="%5$.3f" data-view="%1$.0f">%6$s</svg>', self::WIDTH, $height, e(__('Days and visits of the plan')), self::LEFT, $wide, $out);
    }

    private function labels(): string
    {
        $out = '';
        foreach ([[46.0, __('weather')], [66.0, __('crew time')], [92.0, __('boards out')], [112.0, __('supers held')]] as [$y, $words]) {
            $out .= sprintf('<text class="t12 soft" x="0" y="%.1f">%s</text>', $y, e($words));
        }

        return $out;
    }

    private function day(RoundState $state, int $d, float $x, float $wide, float $height, bool $chosen): string
    {
        $day = $state->task->days[$d];
        $of = $state->plan->days[$d];
        $off = $day->crewMin <= 0.0;
        $used = $off ? 0.0 : ($of['travel'] + $of['work']) / $day->crewMin;
        $bar = $wide - 6.0;
        $out = $chosen ? sprintf('<rect class="selw on" x="%.1f" y="0" width="%.1f" height="%.1f"/>', $x, $wide, $height) : '';
        $out .= $off ? sprintf('<rect class="wk" x="%.1f" y="0" width="%.1f" height="%.1f"/>', $x, $wide, $height) : '';
        $out .= sprintf('<path class="rl" d="M%1$.1f 0V%2$.1f"/>', $x, $height);
        $label = $this->format->weekday($day->date).': '.($off ? __('day off') : __(':used of :all minutes, :in supers in', ['used' => round($of['travel'] + $of['work']), 'all' => round($day->crewMin), 'in' => round($of['in'])]));
        $words = sprintf('<text class="t12 soft" x="%1$.1f" y="10" text-anchor="middle">%2$s</text><text class="t13 b" x="%1$.1f" y="24" text-anchor="middle">%3$s</text>', $x + 0.5 * $wide, e($wide > 30.0 ? __($day->date->format('D')) : ''), e($d === 0 || $day->date->format('j') === '1' ? $this->format->day($day->date) : $day->date->format('j')));
        $out .= '<a href="'.e(route('clear.rounds.show', [$state->round->id, 'day' => $day->date->format('Y-m-d')], false)).'"'.($chosen ? ' aria-current="true"' : '').'><title>'.e($label).'</title>'.sprintf('<rect class="hit" x="%.1f" y="0" width="%.1f" height="28"/>', $x, $wide).$words.'</a>';
        $out .= sprintf('<text class="t12 wx" x="%1$.1f" y="40" text-anchor="middle">%2$s</text><text class="t12 wx" x="%1$.1f" y="52" text-anchor="middle">%3$s</text>', $x + 0.5 * $wide, e(Formatter::number($this->format->temperatureValue($day->maxC), 0)).'°', round(100.0 * $day->rainP).' %');
        if (! $off) {
            $out .= sprintf('<rect class="fbar pr" x="%1$.1f" y="56" width="%2$.1f" height="12"/><rect class="mbar" x="%1$.1f" y="56" width="%3$.1f" height="12"/>', $x + 3.0, $bar, $bar * min(1.0, $used));
            $out .= $used > 1.0 + 1e-6 ? sprintf('<text class="t12 b danger" x="%.1f" y="66" text-anchor="middle">!</text>', $x + 0.5 * $wide) : '';
        }
        $out .= $of['boards'] > 0 ? sprintf('<text class="t12" x="%.1f" y="92" text-anchor="middle">%d</text>', $x + 0.5 * $wide, $of['boards']) : '';

        return $out.($of['held'] > 0.05 ? sprintf('<text class="t12" x="%.1f" y="112" text-anchor="middle">%d</text>', $x + 0.5 * $wide, (int) round($of['held'])) : '');
    }

    private function service(RoundState $state, Service $service, float $wide): string
    {
        $y = self::TOP + self::ROW * $service->yard + 10.0;
        $x = static fn (int $d): float => self::LEFT + ($d + 0.5) * $wide;
        $yard = $state->round->task['yards'][$service->yard];
        $date = static fn (int $d): string => $state->task->days[$d]->date->format('Y-m-d');
        $locked = isset($state->round->locks[$yard['id']]);
        $words = __(':yard by :way: :when', ['yard' => $yard['name'], 'way' => RoundState::word($service->way), 'when' => ($service->places() ? $this->format->weekday($state->task->days[$service->first]->date).' – ' : '').$this->format->weekday($state->task->days[$service->last]->date)]).($locked ? ', '.__('locked') : '');
        $out = '<title>'.e($words).'</title>';
        if ($service->way === Way::Escape) {
            $out .= sprintf('<path class="mb ch" d="M%.1f %.1fH%.1f"/><use href="#v-board" class="gl plan" x="%.1f" y="%.1f" width="18" height="18"/>', $x($service->first), $y + 12.0, $x($service->last), $x($service->first) - 9.0, $y + 3.0);
            $out .= sprintf('<rect class="crop" x="%.1f" y="%.1f" width="18" height="14"/>', $x($service->last) - 9.0, $y + 5.0);
        } else {
            $out .= sprintf('<rect class="crop" x="%.1f" y="%.1f" width="18" height="14"/><use href="#v-%s" class="gl" x="%.1f" y="%.1f" width="18" height="18"/>', $x($service->last) - 9.0, $y + 14.0, RoundState::glyph($service->way), $x($service->last) - 9.0, $y - 6.0);
        }
        $out .= $locked ? sprintf('<path class="gs" d="M%1$.1f %2$.1fv-4a4 4 0 0 1 8 0v4"/><rect class="gf" x="%3$.1f" y="%2$.1f" width="12" height="8"/>', $x($service->last) + 11.0, $y + 12.0, $x($service->last) + 9.0) : '';

        return '<a class="visit" href="#move" data-yard="'.e((string) $yard['id']).'" data-way="'.$service->way->value.'" data-first="'.$service->first.'" data-last="'.$service->last.'" data-dates="'.e($date($service->first).' '.$date($service->last)).'" aria-label="'.e($words).'">'.$out.'</a>';
    }

    /** A sketch of the yards by their coordinates with one day's drive. */
    public function map(RoundState $state, ?int $day): string
    {
        $yards = $state->round->task['yards'];
        $lat = array_map(floatval(...), array_column($yards, 'latitude'));
        $lon = array_map(floatval(...), array_column($yards, 'longitude'));
        if ($lat === [] || $lon === []) {
            return '';
        }
        $squash = cos(deg2rad(array_sum($lat) / count($lat)));
        $depot = $state->round->task['depot'] ?? null;
        [$lats, $lons] = $depot === null ? [$lat, $lon] : [[...$lat, $depot[0]], [...$lon, $depot[1]]];
        $span = max(0.02, max($lats) - min($lats), (max($lons) - min($lons)) * $squash);
        $at = static fn (float $a, float $o): array => [150.0 + ($o - 0.5 * (min($lons) + max($lons))) * $squash / $span * 210.0, 112.0 - ($a - 0.5 * (min($lats) + max($lats))) / $span * 180.0];
        [$homeLat, $homeLon] = $state->round->task['depot'] ?? [array_sum($lat) / count($lat), array_sum($lon) / count($lon)];
        $home = $at($homeLat, $homeLon);
        $out = $line = '';
        $route = $day === null ? [] : $state->plan->days[$day]['route'];
        foreach ($route as $stop => $a) {
            $line .= vsprintf('L%.1f %.1f', $at($lat[$a], $lon[$a]));
        }
        $out .= $line === '' ? '' : sprintf('<path class="mline" d="M%1$.1f %2$.1f%3$sL%1$.1f %2$.1f"/>', $home[0], $home[1], $line);
        foreach ($yards as $a => $yard) {
            [$x, $y] = $at($lat[$a], $lon[$a]);
            $stop = array_search($a, $route, true);
            $out .= sprintf('<circle class="bxo" cx="%1$.1f" cy="%2$.1f" r="9"/><text class="t12 b" x="%1$.1f" y="%3$.1f" text-anchor="middle">%4$s</text><text class="t12 soft halo2" x="%5$.1f" y="%3$.1f">%6$s</text>', $x, $y, $y + 4.0, is_int($stop) ? $stop + 1 : '', $x + 13.0, e((string) $yard['name']));
        }

        return '<svg class="chart" viewBox="0 0 340 224" role="img" aria-label="'.e(__('Sketch of the yards with the day\'s drive')).'">'.$out.sprintf('<rect class="wall" x="%.1f" y="%.1f" width="12" height="12"/><text class="t12 halo2" x="%.1f" y="%.1f">%s</text></svg>', $home[0] - 6.0, $home[1] - 6.0, $home[0] + 10.0, $home[1] + 16.0, e(__('honey room')));
    }
}
