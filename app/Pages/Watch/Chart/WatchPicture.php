<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/**
 * The flow of a yard on one calendar, from above: what each day was, how likely; the weight, with what people put on
 * and took off; the gain of each day; the weather as it matters to foragers; what flowered.
 */
final readonly class WatchPicture
{
    public const LEFT = 44.0;

    public const RIGHT = 704.0;

    private const WIDTH = 712.0;

    private const BLOOM = 18.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(Watched $watched): Picture
    {
        $canvas = new Canvas;
        $panels = [
            new StatePanel($this->format, 22.0, 66.0),
            $watched->window->span === Span::Season
                ? new SeasonsPanel($this->format, 84.0, 216.0)
                : new WeightPanel($this->format, 84.0, 216.0),
            new GainPanel($this->format, 232.0, 300.0),
            new WeatherPanel($this->format, 314.0, 358.0),
        ];
        $blooms = $this->shown($watched);
        $height = 378.0 + self::BLOOM * count($blooms);
        $this->calendar($canvas, $watched, $height);
        foreach ($panels as $panel) {
            $panel->on($canvas, $watched);
        }
        $this->blooms($canvas, $watched->window, $blooms);
        if ($watched->window->holds($watched->now)) {
            $x = self::x($watched->window, $watched->now);
            $canvas->line('thread', $x, 16.0, $x, $height - 16.0);
        }

        return new Picture(self::WIDTH, $height, $canvas->shapes(), $this->words($watched));
    }

    public static function x(Window $window, DateTimeImmutable $at): float
    {
        return self::across($window->share($at));
    }

    /** Where a share of the window stands, 0 to 1. */
    public static function across(float $share): float
    {
        return self::LEFT + $share * (self::RIGHT - self::LEFT);
    }

    private function calendar(Canvas $canvas, Watched $watched, float $height): void
    {
        $window = $watched->window;
        $lines = '';
        foreach ($this->marks($window) as [$at, $words]) {
            $x = self::x($window, $at);
            $lines .= Canvas::at('M', $x, 16.0).'V'.round($height - 16.0, 1);
            $canvas->text('t12 soft', $x + 2.0, $height - 4.0, $words);
        }
        $canvas->path('rl', $lines);
    }

    /** @return list<array{DateTimeImmutable, string}> where the calendar is ruled, with its words */
    private function marks(Window $window): array
    {
        if ($window->span === Span::Day) {
            return array_map(
                static fn (int $hour): array => [$window->from->modify("+$hour hours"), sprintf('%02d:00', $hour)],
                range(0, 21, 3),
            );
        }
        $marks = [];
        foreach ($window->days() as $i => $day) {
            $isMark = match ($window->span) {
                Span::Season => $day->format('j') === '1',
                Span::Month => $i % 4 === 0,
                default => true,
            };
            if ($isMark) {
                $marks[] = [$day, $window->span === Span::Season ? __($day->format('F')) : $this->format->day($day)];
            }
        }

        return $marks;
    }

    /** @param  list<array{string, DateTimeImmutable, DateTimeImmutable}>  $blooms */
    private function blooms(Canvas $canvas, Window $window, array $blooms): void
    {
        foreach ($blooms as $i => [$plant, $from, $to]) {
            $y = 366.0 + self::BLOOM * $i;
            $left = self::x($window, $from);
            $canvas->rect('st2', $left, $y, self::x($window, $to) - $left, 12.0)
                ->text('t12 halo2', $left + 4.0, $y + 10.0, $plant);
        }
    }

    /** @return list<array{string, DateTimeImmutable, DateTimeImmutable}> plants that flower in the window: from, to */
    private function shown(Watched $watched): array
    {
        $window = $watched->window;
        $zone = $window->from->getTimezone();
        $day = static fn (?string $date, DateTimeImmutable $else): DateTimeImmutable => $date === null
            ? $else
            : new DateTimeImmutable($date, $zone);
        $shown = [];
        foreach ($watched->blooms as $bloom) {
            $from = max($window->from, $day($bloom->began_on?->format('Y-m-d'), $window->from));
            $to = min($window->to, $day($bloom->ended_on?->format('Y-m-d'), $watched->now)->modify('+1 day'));
            if ($from < $to) {
                $shown[] = [$bloom->plant, $from, $to];
            }
        }

        return $shown;
    }

    private function words(Watched $watched): string
    {
        return __('The flow of the yard from :from to :to: state, weight, gain, weather. The table below says the same.', [
            'from' => $this->format->date($watched->window->from),
            'to' => $this->format->date($watched->window->to->modify('-1 day')),
        ]);
    }
}
