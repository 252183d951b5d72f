<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Apiary\Days\Drives;
use App\Apiary\Days\YardTroubles;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Weather\KnownDay;
use App\Apiary\Weather\WeatherAhead;
use App\Models\Apiary;
use App\Models\Schedules\AskedDay;
use App\Models\Schedules\AskedPlace;
use App\Models\Schedules\AskedRounds;
use App\Models\Schedules\AskedYard;
use App\Models\Schedules\ByHand;
use App\Models\Schedules\DeadlineReason;
use App\Models\Schedules\ScheduleSettings;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\RobbingRisk;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Sky;

/**
 * Puts the question of a schedule together from what the yards have today: days with their weather, batches with their
 * dates, drives and kit. It is kept with the schedule as it was asked.
 */
final readonly class QuestionReader
{
    public function __construct(
        private CurrentOperation $current,
        private BatchReader $batches,
        private Drives $drives,
        private WithinReach $reach,
        private YardTroubles $troubles,
    ) {
    }

    /** @throws ValidationException when a day set by hand cannot be, or there is more than one schedule can hold */
    public function ask(ScheduleSettings $settings): AskedRounds
    {
        $days = $this->days($settings->days);
        $all = $this->batches($settings);
        $first = $this->reach->asksFirst($all);
        if ($first !== null) {
            throw ValidationException::withMessages(['name' => $first]);
        }
        $batches = $this->reach->of($all);
        $this->checkCount(count($batches->in));
        $places = array_map(static fn (ReadySupers $batch): Apiary => $batch->apiary, $batches->in);
        $ahead = $places === [] ? [] : WeatherAhead::of($places, $days);
        $operation = $this->current->get();

        return new AskedRounds(
            $this->current->today(),
            self::askedDays($days, array_values($ahead), $settings, $batches->in),
            array_map(
                fn (ReadySupers $batch): AskedYard => $this->yard($batch, $ahead[$batch->apiary->id]),
                $batches->in,
            ),
            $batches->left,
            $this->drives->minutes($places),
            $operation->kit,
            $operation->crew,
            $this->drives->depot(),
        );
    }

    /** What is to come in within the days of a schedule, with what is set by hand. */
    public function batches(ScheduleSettings $settings): Batches
    {
        $days = $this->days($settings->days);
        $found = $this->batches->of($days[0], $days[count($days) - 1], $settings->waiting);
        $chosen = [];
        foreach ($found->in as $batch) {
            $byHand = $settings->yards[$batch->id()] ?? new ByHand;
            if ($byHand->in) {
                $chosen[] = self::set($batch, $byHand, $days[0]);
            }
        }

        return new Batches($chosen, $found->left);
    }

    /** @return non-empty-list<DateTimeImmutable> the days of a schedule */
    public function days(int $days): array
    {
        $first = new DateTimeImmutable($this->current->firstDayAhead()->format('Y-m-d'));

        return array_map(
            static fn (int $i): DateTimeImmutable => $first->modify("+$i days"),
            range(0, max(1, $days) - 1),
        );
    }

    private function checkCount(int $batches): void
    {
        if ($batches > RoundsQuestion::MOST_YARDS) {
            throw ValidationException::withMessages(['later' => __(
                'A schedule holds at most :most visits; this one would have :n. Skip some yards, or leave out supers that must wait.',
                ['most' => RoundsQuestion::MOST_YARDS, 'n' => $batches],
            )]);
        }
    }

    private static function set(ReadySupers $batch, ByHand $byHand, DateTimeImmutable $first): ReadySupers
    {
        $dates = $batch->dates;
        $ready = $byHand->ready === null ? $dates->ready : max($first, $byHand->ready);
        $offBy = $byHand->offBy === null ? max($dates->offBy, $ready) : max($first, $byHand->offBy);
        if ($offBy < $ready) {
            throw ValidationException::withMessages(['yards.'.$batch->id().'.off_by' => __(
                ':yard is ready on :ready and cannot be off by :off. Choose a later deadline, or an earlier ready day.',
                [
                    'yard' => $batch->name(),
                    'ready' => $ready->format('Y-m-d'),
                    'off' => $offBy->format('Y-m-d'),
                ],
            )]);
        }
        $isOther = $byHand->offBy !== null && $byHand->offBy != $dates->offBy;

        return $batch->on($dates->between($ready, $offBy, $isOther ? DeadlineReason::ByHand : null));
    }

    /** @param  list<KnownDay>  $days */
    private function yard(ReadySupers $batch, array $days): AskedYard
    {
        $yard = $batch->apiary;
        $sky = static fn (KnownDay $day): Sky => new Sky(
            round($day->weather->maxC, 1),
            round($day->weather->rainP, 2),
            $batch->dates->isDearthOn($day->weather->date),
            round($day->weather->sun, 2),
            round($day->weather->minC, 1),
        );

        return new AskedYard(
            $batch->id(),
            $batch->name(),
            new AskedPlace($yard->id, $yard->name, $yard->slug, $yard->latitude, $yard->longitude),
            $batch->later,
            $batch->hives(),
            $batch->kg(),
            $batch->dates,
            $this->methods($batch),
            array_map($sky, $days),
        );
    }

    /** @return list<Method> those of the policy that neither robbers nor brood above forbid; else brush */
    private function methods(ReadySupers $batch): array
    {
        $wanted = Policy::at($this->current, $batch->apiary)->clearing;
        $methods = $wanted === null ? Method::usual() : [$wanted];
        if ($this->troubles->hasRobbing($batch->apiary->id)) {
            $isClosed = static fn (Method $one): bool => $one->robbingRisk() === RobbingRisk::Low;
            $methods = array_values(array_filter($methods, $isClosed) ?: array_filter(Method::usual(), $isClosed));
        }
        if (! $batch->hasBrood()) {
            return $methods;
        }
        $fit = array_filter($methods, static fn (Method $method): bool => ! $method->isDefeatedByBrood());

        return array_values($fit) ?: [Method::Brush];
    }

    /**
     * @param  list<DateTimeImmutable>  $days
     * @param  array<array-key, non-empty-list<KnownDay>>  $ahead  by yard
     * @param  list<ReadySupers>  $batches
     * @return list<AskedDay>
     */
    private static function askedDays(array $days, array $ahead, ScheduleSettings $settings, array $batches): array
    {
        $asked = [];
        foreach ($days as $i => $day) {
            $known = array_column($ahead, $i);
            if ($known === []) {
                continue;
            }
            $mean = KnownDay::mean($known);
            $crew = $settings->crewMinOn($day);
            $dearth = array_filter($batches, static fn (ReadySupers $batch): bool => $batch->dates->isDearthOn($day));
            $asked[] = new AskedDay(
                $mean->weather,
                $crew,
                count($dearth) === count($batches),
                $crew > 0 ? $settings->extractSupers : 0,
                ! $mean->known,
            );
        }

        return $asked;
    }
}
