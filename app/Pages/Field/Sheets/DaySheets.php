<?php

declare(strict_types=1);

namespace App\Pages\Field\Sheets;

use App\Apiary\Days\BoxWork;
use App\Apiary\Days\DayReader;
use App\Apiary\Days\DaySheet;
use App\Apiary\Days\HandStep;
use App\Apiary\Days\HiveWork;
use App\Apiary\Days\LoadItem;
use App\Apiary\Days\StepWords;
use App\Apiary\Days\Stop;
use App\Apiary\Days\TroubleWords;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\LoadingTick;
use App\Words\Wording;

/**
 * The days on which a yard is worked, as a phone carries them: what is loaded, and each hive's boxes from the top with
 * what hands do with them.
 */
final readonly class DaySheets
{
    private const MOST = 8;

    public function __construct(
        private DayReader $days,
        private StepWords $words,
        private Formatter $format,
        private Wording $say,
        private TroubleWords $troubles,
        private CurrentOperation $current,
    ) {
    }

    /** @return list<array<string, mixed>> the soonest first */
    public function of(Apiary $apiary): array
    {
        $sheets = [];
        foreach (self::openDays($apiary) as $date) {
            $day = $this->days->of($date);
            foreach ($day->stops as $i => $stop) {
                if ($stop->apiary()->id === $apiary->id) {
                    $sheets[] = $this->day($day, $stop, $i + 1);
                }
            }
        }

        return $sheets;
    }

    /** @return list<string> Y-m-d; what was said to be finished is not carried about */
    private static function openDays(Apiary $apiary): array
    {
        $dates = Clearing::open()->where('apiary_id', $apiary->id)->get()->toBase()->flatMap(
            static fn (Clearing $one): array => array_filter(
                $one->days(),
                static fn (string $date): bool => ! $one->isFinishedOn($date),
            ),
        );

        return array_values($dates->unique()->sort()->take(self::MOST)->all());
    }

    /** @return array<string, mixed> */
    private function day(DaySheet $day, Stop $stop, int $number): array
    {
        $ticked = LoadingTick::thingsOf($day->date());

        return [
            'on' => $day->date(),
            'label' => $this->format->weekday($day->day),
            'aim' => $stop->aim(),
            'stop' => $number,
            'drive' => __(':m drive', ['m' => $this->format->minutes($stop->driveMin)]),
            'says' => [...$stop->sentences($this->say), ...$this->troubles->heard($stop->troubles)],
            'load' => array_map(static fn (LoadItem $item): array => [
                'thing' => $item->thing,
                'count' => $item->count,
                'words' => $item->words,
                'done' => in_array($item->thing, $ticked, true),
            ], $day->load),
            'clearing' => $stop->visits[0]->clearing->id,
            'wrong' => $this->wrong($stop),
            'hives' => array_map($this->hive(...), $stop->hives),
        ];
    }

    /** @return list<array{what: string, words: string, done: bool}> what may be tapped as gone wrong */
    private function wrong(Stop $stop): array
    {
        $today = $this->current->day();
        $wrong = [];
        foreach (TroubleWords::choices() as $what => $words) {
            $wrong[] = ['what' => $what, 'words' => $words, 'done' => $stop->isNotedToday($what, $today)];
        }

        return $wrong;
    }

    /** @return array<string, mixed> */
    private function hive(HiveWork $hive): array
    {
        $rows = [];
        foreach ($hive->boxes as $work) {
            $step = $hive->step($work);
            $rows[] = $step === null
                ? self::row($work, $this->words->ofBox($work))
                : $this->step($hive, $step, $work);
            $board = $work === $hive->lowestAbove() ? $hive->step(null) : null;
            $rows = [...$rows, ...$board === null ? [] : [$this->step($hive, $board, null)]];
        }
        foreach ($hive->steps as $step) {
            $rows = [...$rows, ...$hive->isGone($step) ? [$this->step($hive, $step, null)] : []];
        }

        return [
            'code' => $hive->code,
            'look' => array_map(static fn ($box): string => $box->name(), $hive->toLookAt),
            'has_no_board' => $hive->hasNoBoard,
            'rows' => $rows,
        ];
    }

    /** @return array<string, mixed> */
    private function step(HiveWork $hive, HandStep $step, ?BoxWork $work): array
    {
        return [
            'n' => $step->number,
            'item' => $hive->isGone($step) ? null : $step->super?->id,
            'what' => $step->what(),
            'done' => $step->done,
        ] + self::row($work, $this->words->of($hive, $step));
    }

    /** @return array<string, mixed> a box that nothing is done with; with step() before it, one that hands touch */
    private static function row(?BoxWork $work, string $words): array
    {
        return [
            'box' => $work?->box->id,
            'fate' => $work?->fate->value,
            'words' => $words,
            'n' => null,
            'item' => null,
            'what' => null,
            'done' => false,
        ];
    }
}
