<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use DateTimeImmutable;
use Marjoram\Core\Rounds\BrokenLimit;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\ShortfallReason;

/** What keeps a yard from being served, and what would mend it. */
final readonly class ShortfallWords
{
    public function __construct(private Formatter $format)
    {
    }

    /** @param  string  $yard  its name */
    public function of(Shortfall $shortfall, string $yard): string
    {
        $reason = $shortfall->why->what;
        $of = new Figures($shortfall->why->figures, $this->format);

        return match ($reason) {
            ShortfallReason::NoCrewTime => __('No day has any crew time.'),
            ShortfallReason::NoKit => __(':yard: there is no kit for any method allowed there.', ['yard' => $yard]),
            ShortfallReason::NoCrewDay, ShortfallReason::NoWeather, ShortfallReason::NoDayInTime => self::days(
                $reason,
                $of,
                $yard,
            ),
            ShortfallReason::TooFewBoards,
            ShortfallReason::BeyondTruckload,
            ShortfallReason::BeyondHoneyRoom => self::room($reason, $of, $yard),
            ShortfallReason::FitsNoDay => __(
                ':yard: it fits no day; the least is missing on :day: :short minutes.',
                ['yard' => $yard, 'day' => $this->day($shortfall->date), 'short' => $of->whole('short')],
            ),
            default => $this->visit($shortfall, $yard),
        };
    }

    private static function days(ShortfallReason $reason, Figures $of, string $yard): string
    {
        $from = ['yard' => $yard, 'day' => $of->day('from')];

        return match ($reason) {
            ShortfallReason::NoCrewDay => __(':yard: no day from :day on has crew time.', $from),
            ShortfallReason::NoWeather => __(
                ':yard: no day with crew time from :day on has the weather, or two days for boards. One dry day more, or escape boards, would do.',
                $from,
            ),
            default => __(
                ':yard: no day between :ready and its deadline, :deadline, has both crew time and the weather. A later deadline, or boards, would do.',
                ['yard' => $yard, 'ready' => $of->day('ready'), 'deadline' => $of->day('deadline')],
            ),
        };
    }

    private static function room(ShortfallReason $reason, Figures $of, string $yard): string
    {
        $supers = ['yard' => $yard, 'supers' => $of->whole('supers'), 'room' => $of->whole('room')];

        return match ($reason) {
            ShortfallReason::TooFewBoards => __(
                ':yard: :hives hives need :hives escape boards and there are :boards: :short more, or serve it in parts.',
                [
                    'yard' => $yard,
                    'hives' => $of->number('hives'),
                    'boards' => $of->number('boards'),
                    'short' => $of->whole('short'),
                ],
            ),
            ShortfallReason::BeyondTruckload => __(
                ':yard: :supers supers come off and a truckload is :room: it must be served in parts.',
                $supers,
            ),
            default => __(
                ':yard: :supers supers come off and the honey room holds :room: it must be served in parts.',
                $supers,
            ),
        };
    }

    private function visit(Shortfall $shortfall, string $yard): string
    {
        $visit = $shortfall->visit;
        $values = [
            'yard' => $yard,
            'day' => $this->day($visit?->last),
            'method' => $visit === null ? '' : Names::ofMethod($visit->method),
        ];
        if ($shortfall->lacking === []) {
            return __(
                ':yard would fit on :day by :method; the search has not found it worth its cost. Search again, or lock it there.',
                $values,
            );
        }
        $lacking = array_unique(array_map($this->lacking(...), $shortfall->lacking));

        return __(
            ':yard by :method on :day lacks :what.',
            ['what' => implode(' '.__('and').' ', $lacking)] + $values,
        );
    }

    private function lacking(BrokenLimit $one): string
    {
        $values = ['n' => Formatter::number(ceil($one->by - 1e-6), 0), 'day' => $this->day($one->day)];

        return match ($one->limit) {
            ScheduleLimit::Boards => __(':n escape boards on :day', $values),
            ScheduleLimit::Truck => __('room for :n supers on the truck on :day', $values),
            ScheduleLimit::Hold => __('room for :n supers in the honey room on :day', $values),
            ScheduleLimit::Crew => __(':n minutes of crew time on :day', $values),
        };
    }

    private function day(?DateTimeImmutable $day): string
    {
        return $day === null ? '–' : $this->format->weekday($day);
    }
}
