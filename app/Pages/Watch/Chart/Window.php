<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use App\Foundation\Places\SeasonCalendar;
use DateTimeImmutable;
use DateTimeZone;

/** The part of the calendar that the chart shows: from one midnight to another. */
final readonly class Window
{
    private function __construct(
        public Span $span,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public int $season,
        public bool $south,
    ) {
    }

    /** That in which a day lies; days to come are shown as far as a forecast goes. */
    public static function about(DateTimeImmutable $day, Span $span, bool $south): self
    {
        $day = $day->setTime(0, 0);
        $season = SeasonCalendar::seasonOf($day, $south);
        $zone = $day->getTimezone();
        [$from, $to] = match ($span) {
            Span::Day => [$day, $day->modify('+1 day')],
            Span::Week => [$day->modify('-5 days'), $day->modify('+6 days')],
            Span::Month => [$day->modify('-24 days'), $day->modify('+8 days')],
            Span::Season => [
                self::at(SeasonCalendar::firstDay($season, $south), $zone),
                self::at(SeasonCalendar::lastDay($season, $south), $zone)->modify('+1 day'),
            ],
        };

        return new self($span, $from, $to, $season, $south);
    }

    /** The middle of the window so many windows on. */
    public function shifted(DateTimeImmutable $day, int $times): DateTimeImmutable
    {
        return match ($this->span) {
            Span::Day => $day->modify("$times days"),
            Span::Week => $day->modify(7 * $times.' days'),
            Span::Month => $day->modify(28 * $times.' days'),
            Span::Season => $day->modify("$times years"),
        };
    }

    public function seconds(): int
    {
        return $this->to->getTimestamp() - $this->from->getTimestamp();
    }

    /** Where a moment lies in it: 0 to 1. */
    public function share(DateTimeImmutable $at): float
    {
        return ($at->getTimestamp() - $this->from->getTimestamp()) / $this->seconds();
    }

    /** The same of a moment in seconds. */
    public function shareOf(int $seconds): float
    {
        return ($seconds - $this->from->getTimestamp()) / $this->seconds();
    }

    public function holds(DateTimeImmutable $at): bool
    {
        return $at >= $this->from && $at < $this->to;
    }

    /** @return list<DateTimeImmutable> its days */
    public function days(): array
    {
        $days = [];
        for ($day = $this->from; $day < $this->to; $day = $day->modify('+1 day')) {
            $days[] = $day;
        }

        return $days;
    }

    private static function at(DateTimeImmutable $day, DateTimeZone $zone): DateTimeImmutable
    {
        return new DateTimeImmutable($day->format('Y-m-d'), $zone);
    }
}
