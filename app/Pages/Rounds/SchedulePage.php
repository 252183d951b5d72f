<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Picture;
use App\Foundation\Server\Heartbeat;
use App\Foundation\Units\Formatter;
use App\Models\Clearing;
use App\Models\Schedule;
use App\Models\Schedules\AskedYard;
use App\Words\Choices;
use App\Words\Wording;
use Marjoram\Core\Rounds\BrokenLimit;
use Marjoram\Core\Rounds\DayLoad;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\Visit;

/** One schedule: its picture, a day of it, what does not fit, what it costs, and what may be done with it. */
final readonly class SchedulePage
{
    public ?DayLoad $day;

    public function __construct(
        public ScheduleState $state,
        ?string $date,
        private Formatter $format,
        private Wording $say,
    ) {
        $this->day = $state->day($date) ?? $state->day($state->firstBusyDay());
    }

    public function schedule(): Schedule
    {
        return $this->state->schedule;
    }

    public function picture(): Picture
    {
        return (new SchedulePicture($this->format, $this->say))->of($this->state, $this->day);
    }

    public function sketch(): ?Picture
    {
        return (new DriveSketch)->of($this->state, $this->day);
    }

    public function searching(): string
    {
        return match ($this->state->search->value) {
            'waiting' => Heartbeat::isHeard(Heartbeat::QUEUE)
                ? __('waiting for its turn')
                : __('waiting: the background worker is not running; it should start within a minute'),
            'stopping' => __('stopping'),
            default => __('searching: :n schedules tried, best so far :minutes', [
                'n' => number_format($this->state->iterations),
                'minutes' => $this->format->minutes($this->state->plan->cost->total()),
            ]),
        };
    }

    public function broken(BrokenLimit $one): string
    {
        return __(':n :what too many', ['n' => ceil($one->by - 1e-6), 'what' => $this->say->limit($one->limit)]);
    }

    public function shortfall(Shortfall $one): string
    {
        return $this->say->shortfall($one, $this->state->schedule->question->nameOf($one->yard));
    }

    /** What is done at a stop, yard by yard. */
    public function stop(AskedYard ...$yards): string
    {
        $day = $this->day;
        $work = fn (AskedYard $yard): string => $yard->name.': '
            .implode(', ', $day === null ? [] : $this->state->work($yard, $day, $this->say));

        return implode('; ', array_map($work, $yards));
    }

    public function hives(int $visit): string
    {
        $codes = array_column($this->state->hivesOf($visit), 'code');

        return $codes === [] ? (string) $this->state->plan->visits[$visit]->hives : implode(', ', $codes);
    }

    public function total(): string
    {
        return $this->format->minutes($this->state->plan->cost->total());
    }

    public function isInUse(): bool
    {
        return $this->schedule()->clearings->isNotEmpty();
    }

    public function askedOn(): string
    {
        $question = $this->schedule()->question;
        $day = $question->askedOn ?? $question->firstDay()?->weather->date;

        return $day === null ? '' : __('As the yards were on :day.', ['day' => $this->format->weekday($day)]);
    }

    public function nameOf(Clearing $clearing): string
    {
        foreach ($this->schedule()->question->yards as $yard) {
            if ($yard->place->apiaryId === $clearing->apiary_id) {
                return $yard->name;
            }
        }

        return '';
    }

    public function spent(DayLoad $day): string
    {
        return __(':travel of driving, :work of work, :left to spare', [
            'travel' => $this->format->minutes($day->travelMin),
            'work' => $this->format->minutes($day->workMin),
            'left' => $this->format->minutes($this->state->spareMin($day)),
        ]);
    }

    /** @return array<string, string> what a form sends to put a visit there */
    public function fieldsOf(Visit $visit): array
    {
        return [
            'yard' => $visit->yard,
            'method' => $visit->method->value,
            'first' => $visit->firstDay(),
            'last' => $visit->lastDay(),
        ];
    }

    /** @return array<string, string> words => minutes, those that are anything */
    public function costs(): array
    {
        $cost = $this->state->plan->cost;
        $minutes = array_filter([
            __('Driving') => $cost->travel,
            __('Work') => $cost->work,
            __('Late') => $cost->late,
            __('Rain') => $cost->weather,
            __('Robbing') => $cost->robbing,
            __('Parts') => $cost->parts,
            __('Not served') => $cost->notServed,
        ], static fn (float $one): bool => $one > 0.05);

        return array_map($this->format->minutes(...), $minutes);
    }

    /** @return array<string, string> ids of the yards with their names */
    public function yards(): array
    {
        return array_column($this->state->schedule->question->yards, 'name', 'id');
    }

    /** @return array<string, string> */
    public function dates(): array
    {
        $dates = [];
        foreach ($this->state->question->days as $day) {
            $dates[$day->date->format('Y-m-d')] = $this->format->weekday($day->date);
        }

        return $dates;
    }

    /** @return array<string, string> */
    public function methods(): array
    {
        return Choices::methods();
    }

    /** @return array<string, string> ids of the yards with a lock, with their names */
    public function locked(): array
    {
        $locked = [];
        foreach ($this->state->schedule->locks as $lock) {
            $locked[$lock->yard] = $this->state->schedule->question->nameOf($lock->yard);
        }

        return $locked;
    }

    /** Between which days a yard's supers should come in, and why. */
    public function when(AskedYard $yard): string
    {
        $first = $this->state->schedule->question->firstDay()?->weather->date;
        $ready = $this->format->weekday($yard->dates->ready);
        $from = match (true) {
            $yard->later => __('ripe about :day', ['day' => $ready]).', ',
            $yard->dates->ready > $first => __('from :day', ['day' => $ready]).', ',
            default => '',
        };

        return $from.__('off by :day (:why)', [
            'day' => $this->format->weekday($yard->dates->offBy),
            'why' => ScheduleWords::deadline($yard->dates->why),
        ]);
    }

    /** @return list<string> */
    public function left(): array
    {
        $words = new ScheduleWords($this->format);

        return array_map($words->leftOut(...), $this->state->schedule->question->left);
    }
}
