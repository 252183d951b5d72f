<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Flow\ScaleGains;
use App\Foundation\Units\Formatter;
use App\Pages\Watch\Chart\Span;
use App\Pages\Watch\Chart\Watched;
use App\Pages\Watch\Chart\WatchedDay;
use App\Pages\Watch\Chart\Window;
use DateTimeImmutable;
use Marjoram\Core\Flow\Filter\FilteredDay;
use Marjoram\Core\Flow\ScaleStep;

/** A yard's page of the flow: what is said of it, and where the chart goes from here. */
final readonly class YardWatch
{
    /** Scales that differ by more than this in a week are explained, kg. */
    private const DIFFER_KG = 1.5;

    private const WEEK = 7;

    /** @param  array<string, string>  $hives  codes by id */
    public function __construct(public Watched $watched, public array $hives)
    {
    }

    /** Whose scale speaks. */
    public function source(Formatter $format): string
    {
        $flow = $this->watched->flow;

        return match (true) {
            $flow->presumedFrom !== null => __('scale of :yard, also used here', ['yard' => $flow->presumedFrom]),
            $flow->scaleHive === null => __('no scale within :way', ['way' => $format->lengths->way(15.0)]),
            default => __('own scale'),
        };
    }

    public function window(): Window
    {
        return $this->watched->window;
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return Span::cases();
    }

    /** @return array{span: string, on: string} of the address of a window */
    public function to(Span $span, int $shift = 0): array
    {
        $middle = $this->middle();

        return [
            'span' => $span->value,
            'on' => $this->window()->shifted($middle, $shift)->format('Y-m-d'),
        ];
    }

    /** @return list<WatchedDay> what the chart shows, to be read */
    public function days(): array
    {
        $gains = $this->watched->gains();
        $states = [];
        foreach ($this->watched->flow->filter->days ?? [] as $day) {
            $states[$day->date] = $day;
        }
        $days = [];
        foreach ($this->window()->days() as $day) {
            $date = $day->format('Y-m-d');
            $weather = $this->watched->weather[$date] ?? null;
            $isKnown = isset($states[$date]) || isset($gains[$date]) || $weather !== null;
            if ($isKnown && $day <= $this->watched->now) {
                $days[] = new WatchedDay($day, $gains[$date] ?? null, $states[$date] ?? null, $weather?->flight());
            }
        }

        return array_reverse($days);
    }

    public function readings(): int
    {
        return $this->watched->readings;
    }

    /** @return list<ScaleGains> where more than one hive is weighed */
    public function scales(): array
    {
        return $this->watched->flow->scales;
    }

    /** The hive with a jump that nobody explained; null where there is none. */
    public function toExplain(): ?string
    {
        $flow = $this->watched->flow;
        $isOpen = array_filter($flow->handlings(), static fn (ScaleStep $one): bool => ! $one->isNoted) !== [];

        return $isOpen && $flow->scaleHive !== null ? $this->hives[$flow->scaleHive] ?? null : null;
    }

    public function code(string $hiveId): string
    {
        return $this->hives[$hiveId] ?? '';
    }

    /** What the hives on scales gained in a week, where that differs. */
    public function difference(Formatter $format): ?string
    {
        $sums = [];
        foreach ($this->scales() as $one) {
            $sums[$this->code($one->hiveId)] = $one->sum(self::WEEK);
        }
        if (count($sums) < 2 || max($sums) - min($sums) < self::DIFFER_KG) {
            return null;
        }
        $words = [];
        foreach ($sums as $code => $kg) {
            $words[] = "$code ".($kg > 0.0 ? '+' : '').$format->kg($kg);
        }

        return __(
            'In seven days: :each. The hives may differ in strength, or one swarmed or was worked on. The mean is used.',
            ['each' => implode(', ', $words)],
        );
    }

    public function today(): ?FilteredDay
    {
        $days = $this->watched->flow->filter->days ?? [];

        return $days === [] ? null : $days[count($days) - 1];
    }

    private function middle(): DateTimeImmutable
    {
        $window = $this->window();
        $days = intdiv(count($window->days()), 2);

        return match ($window->span) {
            Span::Day => $window->from,
            Span::Week => $window->from->modify('+5 days'),
            Span::Month => $window->from->modify('+24 days'),
            Span::Season => $window->holds($this->watched->now)
                ? $this->watched->now
                : $window->from->modify("+$days days"),
        };
    }
}
