<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Places\SeasonCalendar;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** The season as one line: months, flow, harvests, what is planned, the treatment, and a thread for today. */
final class Ribbon
{
    private const WIDTH = 956.0;

    private const HEIGHT = 72.0;

    private const GROUND = 56.0;

    private const TOP = 14.0;

    private DateTimeImmutable $first;

    private DateTimeImmutable $last;

    public function __construct(private readonly CurrentOperation $current, private readonly Formatter $format)
    {
        $this->first = $this->last = new DateTimeImmutable('2000-01-01');
    }

    public function of(Summary $summary): Picture
    {
        $south = $this->current->get()->latitude < 0;
        $this->first = SeasonCalendar::firstDay($summary->now->season, $south);
        $this->last = SeasonCalendar::lastDay($summary->now->season, $south);
        $canvas = new Canvas;
        $this->months($canvas);
        $this->flow($canvas, $summary->flow);
        foreach ($summary->harvests as $harvest) {
            self::tick($canvas, $this->x($harvest->on), 'hv1');
            $canvas->text('t12', $this->x($harvest->on) + 6.0, 46.0, $this->format->kg($harvest->kg, 0));
        }
        foreach ($summary->planned as $day) {
            self::tick($canvas, $this->x($day), 'hv1 plan');
        }
        if ($summary->treatment !== null) {
            $x = $this->x($summary->treatment);
            $words = __('off by :day', ['day' => $this->format->day($summary->treatment)]);
            $canvas->path('flag', Canvas::at('M', $x, self::GROUND).'V22h26l-5 6 5 6'.'H'.round($x, 1))
                ->text('t12', $x + 32.0, 34.0, $words);
        }
        $this->today($canvas);
        $more = ['preserveAspectRatio' => 'none'];

        return new Picture(
            self::WIDTH,
            self::HEIGHT,
            $canvas->shapes(),
            $this->words($summary),
            'ribbon-drawing',
            more: $more,
        );
    }

    private function months(Canvas $canvas): void
    {
        for ($month = $this->first; $month <= $this->last; $month = $month->modify('first day of next month')) {
            $x = $this->x($month);
            $canvas->line('rl', $x, self::TOP, $x, self::HEIGHT)
                ->text('t12 soft', $x + 5.0, 68.0, __($month->format('M')));
        }
    }

    /** @param  array<string, float>  $flow  kg a day by date */
    private function flow(Canvas $canvas, array $flow): void
    {
        if ($flow === []) {
            return;
        }
        $most = max(1.0, max($flow));
        $line = '';
        foreach ($flow as $date => $gain) {
            $y = self::GROUND - (self::GROUND - self::TOP) * max(0.0, $gain) / $most;
            $line .= Canvas::at($line === '' ? 'M' : 'L', $this->x(new DateTimeImmutable($date)), $y);
        }
        $ends = array_map(fn (string $date): float => $this->x(new DateTimeImmutable($date)), [
            (string) array_key_first($flow),
            (string) array_key_last($flow),
        ]);
        $peak = (string) array_search(max($flow), $flow, true);
        $area = Canvas::at('M', $ends[0], self::GROUND).'L'.substr($line, 1).Canvas::at('L', $ends[1], self::GROUND);
        $canvas->path('flowf', $area.'z')->path('flowl', $line)->text(
            't12 soft',
            $this->x(new DateTimeImmutable($peak)) + 8.0,
            16.0,
            __(':kg a day', ['kg' => $this->format->kg(max($flow))]),
        );
    }

    private static function tick(Canvas $canvas, float $x, string $class): void
    {
        $canvas->path($class, Canvas::at('M', $x, self::GROUND).'V40'.Canvas::at('M', $x - 4.0, 45.0).'l4-5 4 5');
    }

    private function today(Canvas $canvas): void
    {
        $now = $this->current->today();
        $x = $this->x($now);
        $isLate = $x > self::WIDTH - 90.0;
        $canvas->line('gnd', 0.0, self::GROUND, self::WIDTH, self::GROUND)
            ->line('thread', $x, 6.0, $x, self::HEIGHT)
            ->text(
                't12 b halo',
                $x + ($isLate ? -6.0 : 6.0),
                16.0,
                $this->format->weekday($now),
                $isLate ? 'end' : 'start',
            );
    }

    private function x(DateTimeImmutable $day): float
    {
        $days = (int) $this->first->diff($this->last)->days + 1;
        $date = new DateTimeImmutable($day->format('Y-m-d'));
        $since = ($date->getTimestamp() - $this->first->getTimestamp()) / 86400.0;

        return round(self::WIDTH * max(0.0, min(1.0, $since / $days)), 1);
    }

    private function words(Summary $summary): string
    {
        $words = [__('Season :year', ['year' => $summary->now->season])];
        foreach ($summary->harvests as $harvest) {
            $words[] = __('harvest of :kg on :day', [
                'kg' => $this->format->kg($harvest->kg, 0),
                'day' => $this->format->day($harvest->on),
            ]);
        }
        if ($summary->treatment !== null) {
            $day = $this->format->day($summary->treatment);
            $words[] = __('supers off by :day for treatment', ['day' => $day]);
        }

        return implode('; ', $words);
    }
}
