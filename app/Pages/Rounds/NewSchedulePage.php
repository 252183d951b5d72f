<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\Schedules\LeftOut;
use App\Models\Schedules\LeftOutReason;
use App\Models\Schedules\ScheduleSettings;
use DateTimeImmutable;

/** The form for a schedule, with what would come in. */
final readonly class NewSchedulePage
{
    /**
     * @param  ?string  $asksFirst  what is to be known before a schedule can be asked for
     * @param  non-empty-list<DateTimeImmutable>  $days
     */
    public function __construct(
        public ScheduleSettings $asked,
        public Batches $batches,
        public ?string $asksFirst,
        private array $days,
        private Formatter $format,
    ) {
    }

    public function picture(): Picture
    {
        return (new BatchPicture($this->format))->of($this->batches->in, $this->days);
    }

    public function heading(): string
    {
        $supers = $this->batches->supers();

        return $supers === 0 ? __('Nothing would come in') : trans_choice(
            '{1} What would come in: :count super, ~:kg|[2,*] What would come in: :count supers, ~:kg',
            $supers,
            ['kg' => $this->format->kg($this->batches->kg(), 0)],
        );
    }

    /** @return array<string, string> */
    public function waitingChoices(): array
    {
        return [
            'own' => __('come in when ripe'),
            'together' => __('the whole yard waits for them'),
            'out' => __('stay out of this schedule'),
        ];
    }

    public function offBy(ReadySupers $batch): string
    {
        return __('Off by (:why)', ['why' => ScheduleWords::deadline($batch->dates->why)]);
    }

    /** Why a yard's supers come in between their days. */
    public function why(ReadySupers $batch): string
    {
        $dates = $batch->dates;
        $by = __('off by :day (:why)', [
            'day' => $this->format->weekday($dates->offBy),
            'why' => ScheduleWords::deadline($dates->why),
        ]);
        if ($dates->flowEnds === null) {
            return "$by.";
        }
        $day = ['day' => $this->format->weekday($dates->flowEnds)];
        $flow = $dates->flowEnds < $this->days[0]
            ? __('the flow ended :day', $day)
            : __('the flow should end :day', $day);

        return "$by; $flow.";
    }

    public function ripe(ReadySupers $batch): string
    {
        return __('ripe about :day (by the speed of capping, or ten days for a full super)', [
            'day' => $this->format->weekday($batch->dates->ready),
        ]);
    }

    /** A yard that lies too far off is said at once, not on asking. */
    public function leavesFarYards(): bool
    {
        $isFar = static fn (LeftOut $one): bool => $one->reason === LeftOutReason::TooFar;

        return array_filter($this->batches->left, $isFar) !== [];
    }

    /** @return list<string> */
    public function left(): array
    {
        return array_map((new ScheduleWords($this->format))->leftOut(...), $this->batches->left);
    }
}
