<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Hives\YardReader;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\Lot;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\Method;

/** Keeps what was done at a stop: boards that are on, supers that came in, and why something was left. */
final readonly class FinishedStop
{
    public function __construct(
        private IntoHoneyRoom $intake,
        private FollowUps $followUps,
        private YardReader $yards,
    ) {
    }

    /** @throws ValidationException */
    public function boardsOn(Clearing $clearing, WorkDone $work): void
    {
        self::hold($clearing);
        self::mark('placed_at', $work);
        $second = $clearing->second_on?->format('Y-m-d');
        $next = $work->day->modify('+1 day')->format('Y-m-d');
        $clearing->update([
            'first_on' => $work->on(),
            'second_on' => $second === null ? null : max($second, $next),
            'state' => ClearingState::Placed,
        ]);
    }

    /**
     * @return ?Lot null where nothing came in
     *
     * @throws ValidationException
     */
    public function supersIn(Clearing $clearing, WorkDone $work): ?Lot
    {
        self::hold($clearing);
        if ($clearing->method === Method::ByFrame) {
            throw ValidationException::withMessages([
                'plan' => __('Single frames come off here. Take them under "Frame by frame".'),
            ]);
        }
        self::mark('collected_at', $work);
        $clearing->finishOn($work->on());
        if ($work->done->isEmpty()) {
            return null;
        }
        $lot = $this->intake->take($clearing, $this->yards->one($clearing->apiary), $work->done, $work->day);
        $this->followUps->after($clearing->apiary, $lot->harvest);

        return $lot;
    }

    private static function mark(string $field, WorkDone $work): void
    {
        foreach ($work->done->whereNull($field) as $item) {
            $item->update([$field => $work->at]);
        }
        foreach ($work->left as $item) {
            $item->update([$field => null, 'left_why' => $work->why]);
        }
    }

    /**
     * Of two requests at once, the second finds the stop finished.
     *
     * @throws ValidationException
     */
    private static function hold(Clearing $clearing): void
    {
        if ($clearing->claim(null)->isCollected()) {
            throw ValidationException::withMessages(['plan' => __('This clearing is in the honey room already.')]);
        }
    }
}
