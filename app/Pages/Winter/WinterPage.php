<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Flow\YardFlow;
use App\Apiary\Hives\BoxState;
use App\Apiary\Operation\Policy;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterNotes;
use App\Apiary\Winter\WinterSeason;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Decision;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Reserve\Climate;
use Marjoram\Core\Reserve\StoresOn;
use Marjoram\Core\Ripeness\NectarFlow;

/** A yard's winter with one hive open. */
final readonly class WinterPage
{
    /**
     * @param  ?HiveWinter  $winter  of the open hive; null where it has no box
     * @param  list<StoresOn>  $ahead  what it will have left, week by week
     */
    public function __construct(
        public Apiary $apiary,
        public WinterBoard $board,
        public WinterSeason $season,
        public Policy $policy,
        public ?HiveWinter $winter,
        public WinterNotes $notes,
        private array $ahead,
        private YardFlow $flow,
        private Formatter $format,
    ) {
    }

    public function columns(): Picture
    {
        return (new StoresChart($this->format))->of($this->board, $this->winter?->state->code);
    }

    public function curve(HiveWinter $winter): Picture
    {
        return (new StoresCurve($this->format))->of($winter, $this->ahead, $this->notes, $this->season);
    }

    public function feeding(): string
    {
        $from = $this->board->feedFrom;
        $kg = ['kg' => $this->format->kg($this->board->sugarKg(), 0)];

        return $from === null
            ? __('To feed: ~:kg of sugar, or :litres of syrup 2:1.', $kg + [
                'litres' => $this->format->litres($this->board->syrupL()),
            ])
            : __('Short of ~:kg of sugar so far. Feed from :day on, after the supers are off.', $kg + [
                'day' => $this->format->day($from),
            ]);
    }

    /** Hives to inspect first if none was: two hives tell most about the others of a yard. */
    public function firstLooks(): string
    {
        $unknown = $this->board->unknown();
        $hives = trans_choice(
            'The stores of :count hive are not inspected.|The stores of :count hives are not inspected.',
            count($unknown),
        );
        $first = array_slice($unknown, 0, max(0, 2 - $this->known()));

        return match (count($first)) {
            0 => $hives,
            1 => $hives.' '.__('Inspect or weigh :hive first.', ['hive' => $first[0]]),
            default => $hives.' '.__('Inspect or weigh :one and :other first.', [
                'one' => $first[0],
                'other' => $first[1],
            ]),
        };
    }

    private function known(): int
    {
        return count($this->board->rows) - count($this->board->unknown());
    }

    /** What the line across the columns is. */
    public function needed(): string
    {
        return __('needed to :day in :p of winters', [
            'day' => $this->format->day($this->season->whole->firstFlow),
            'p' => $this->format->percent($this->policy->winter->confidence),
        ]);
    }

    /** What the flow may still bring to a hive; empty where it is over or not known. */
    public function coming(): string
    {
        $filter = $this->flow->filter;
        $isOn = in_array($this->flow->forRipeness(), [NectarFlow::On, NectarFlow::Slow], true);
        if ($filter === null || ! $isOn) {
            return '';
        }
        $spread = Normal::EIGHTY * $filter->nextSdKg;

        return __('The flow is not over. In five days it may bring :low to :high to a hive like the one on the scale.', [
            'low' => $this->format->kg(max(0.0, $filter->nextKg - $spread)),
            'high' => $this->format->kg(max(0.0, $filter->nextKg + $spread)),
        ]);
    }

    /** Until when syrup is taken. */
    public function until(): string
    {
        $until = $this->board->feedUntil;
        if ($until === null) {
            return '';
        }

        return $this->season->today >= $until
            ? __('It is too cold for syrup: feed fondant or combs.')
            : trans_choice(
                '{0} Today is the last day: then the days fall below :c on average.'
                    .'|{1} One day is left: from :day the days fall below :c on average.'
                    .'|[2,*] :count days are left: from :day the days fall below :c on average.',
                (int) $this->season->today->diff($until)->days,
                [
                    'day' => $this->format->day($until),
                    'c' => $this->format->celsius(WinterBoard::FEED_ABOVE_C),
                ],
            );
    }

    public function spare(): string
    {
        $kg = ['kg' => $this->format->kg($this->board->spareKg(), 0)];

        return $this->season->hasBegun()
            ? __('More than winter needs in the yard: ~:kg. The rest may be taken when the first flow comes.', $kg)
            : __('More than winter needs in the boxes that stay: ~:kg.', $kg);
    }

    /** What to do for the open hive, as a sentence. */
    public function advice(HiveWinter $winter): string
    {
        $supers = count($winter->comingOff());
        $sugar = ['kg' => $this->format->kg($winter->reserve->sugarKg, 0)];

        return match (true) {
            ! $winter->isKnown() => __('Its stores are not inspected. Inspect or weigh the hive first.'),
            $winter->mustBeFed() && $this->board->feedFrom !== null => $this->shortSoFar($supers, $sugar),
            $winter->mustBeFed() && $supers > 0 => trans_choice(
                'Take :count super, feed ~:kg of sugar.|Take :count supers, feed ~:kg of sugar.',
                $supers,
                $sugar,
            ),
            $winter->mustBeFed() => __('Feed ~:kg of sugar.', $sugar),
            $supers > 0 => trans_choice('Take :count super; enough stays.|Take :count supers; enough stays.', $supers),
            default => __('All supers stay.'),
        };
    }

    /**
     * The season is not over: nothing is fed yet.
     *
     * @param  array{kg: string}  $sugar
     */
    private function shortSoFar(int $supers, array $sugar): string
    {
        return $supers === 0
            ? __('Short of ~:kg of sugar so far. Do not feed yet.', $sugar)
            : trans_choice(
                'Take :count super. Short of ~:kg of sugar so far.|Take :count supers. Short of ~:kg of sugar so far.',
                $supers,
                $sugar,
            );
    }

    public function glyph(HiveWinter $winter): string
    {
        return match (true) {
            ! $winter->isKnown() => 'look',
            $winter->mustBeFed() && $this->board->feedFrom === null => 'feed',
            $winter->comingOff() !== [] => 'take',
            default => 'leave',
        };
    }

    public function isNeeded(HiveWinter $winter, BoxState $box): string
    {
        return match (true) {
            $box->isOfLastSeason() => __('winter stores, not inspected since the season ended'),
            $winter->needs($box) => __('stays'),
            $box->comesOff() => __('may come off'),
            $box->isToLookAt() => __('to inspect first'),
            default => __('not ripe, stays on the hive'),
        };
    }

    public function decisionOn(BoxState $box): ?Decision
    {
        // A decision before the newest inspection is no longer in force.
        $stands = $this->winter?->state->box($box->id)?->decision;
        $decision = $this->notes->decisions[$box->id] ?? null;

        return $stands !== null && $decision?->id === $stands->id ? $decision : null;
    }

    public function climate(): string
    {
        $source = $this->apiary->climate_source;
        $name = $source === null || $source === '' ? '' : __(Climate::presets()[$source]->name ?? $source).'; ';

        return $name.__('winter from :a to :b', [
            'a' => $this->format->day($this->season->whole->from),
            'b' => $this->format->date($this->season->whole->firstFlow),
        ]);
    }
}
