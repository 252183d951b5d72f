<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Models\ClearingSuper;

/** All that is done at one hive while the truck stands there, for one clearing or several. */
final readonly class HiveWork
{
    /** @var list<HandStep> in the order of the hands */
    public array $steps;

    /**
     * @param  ?HiveState  $hive  null where it is not in the yard any more
     * @param  list<BoxWork>  $boxes  from the top
     * @param  list<BoxState>  $toLookAt
     * @param  list<ClearingSuper>  $boards  what the tick of the hive's board is kept with; none where none goes on
     * @param  bool  $boardIsOn  ticked
     * @param  list<ClearingSuper>  $gone  not in the hive any more
     * @param  bool  $hasNoBoard  its supers come off, and the board that was to empty them was forgotten
     */
    public function __construct(
        public string $code,
        public ?HiveState $hive,
        public array $boxes,
        public array $toLookAt,
        public array $boards,
        public bool $boardIsOn,
        public array $gone,
        public bool $hasNoBoard,
    ) {
        $this->steps = $this->steps();
    }

    /** @return list<BoxWork> from the top */
    public function all(Fate $fate): array
    {
        return array_values(array_filter($this->boxes, static fn (BoxWork $one): bool => $one->fate === $fate));
    }

    /** It stands there no more: what is left to say is that it came in. */
    public function isGone(HandStep $step): bool
    {
        return $step->act === Act::LiftOff && $step->work === null;
    }

    /** The names of the supers that the board empties, from the lowest. */
    public function supersAbove(): string
    {
        $names = array_map(
            static fn (BoxWork $one): string => $one->box->name().' ('.$one->box->mark.')',
            array_reverse($this->all(Fate::Above)),
        );

        return implode(', ', $names);
    }

    /** The board goes on under this box: the lowest of those that it empties. */
    public function lowestAbove(): ?BoxWork
    {
        $above = $this->all(Fate::Above);

        return $above === [] ? null : $above[count($above) - 1];
    }

    /** What the hands do with a box; without one, with the board. */
    public function step(?BoxWork $work): ?HandStep
    {
        foreach ($this->steps as $step) {
            if ($work === null ? $step->isBoard() : $step->work === $work) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<HandStep> what is moved below first, then what comes off, each from the top; then the board */
    private function steps(): array
    {
        $steps = [];
        $add = static function (Act $act, ?BoxWork $work, ?ClearingSuper $super, bool $done) use (&$steps): void {
            $steps[] = new HandStep(count($steps) + 1, $act, $work, $super, $done);
        };
        foreach ($this->all(Fate::Below) as $work) {
            $add(Act::MoveBelow, $work, null, false);
        }
        foreach ($this->gone as $super) {
            $add(Act::LiftOff, null, $super, true);
        }
        foreach ($this->all(Fate::Off) as $work) {
            $add(Act::LiftOff, $work, $work->super, $work->done);
        }
        if ($this->boards !== []) {
            $add(Act::BoardOn, null, $this->boards[0], $this->boardIsOn);
        }

        return $steps;
    }
}
