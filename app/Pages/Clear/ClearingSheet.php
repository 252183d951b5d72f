<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Days\Lifts;
use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardState;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\ClearingSuper;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Lifting\LiftResult;

/** A clearing hive by hive, as it is ticked off. */
final readonly class ClearingSheet
{
    /** @var array<string, LiftResult> */
    private array $lifts;

    public function __construct(private Clearing $clearing, private YardState $yard)
    {
        $this->lifts = Lifts::of($yard);
    }

    /** @return array<string, list<ClearingSuper>> by hive code */
    public function hives(): array
    {
        $hives = [];
        foreach ($this->clearing->items as $item) {
            $hives[$item->hive->code][] = $item;
        }
        ksort($hives, SORT_NATURAL);

        return $hives;
    }

    public function box(ClearingSuper $item): ?BoxState
    {
        return $this->yard->hive($item->hive->code)?->box($item->box_id);
    }

    public function lift(ClearingSuper $item): ?LiftResult
    {
        return $this->lifts[$item->box_id] ?? null;
    }

    public function isBeyondOneBack(): bool
    {
        $isBeyond = fn (ClearingSuper $item): bool => $this->lift($item)?->isBeyondOneBack() === true;

        return $this->clearing->items->contains($isBeyond);
    }

    public function takesFrames(): bool
    {
        return $this->clearing->method === Method::ByFrame;
    }

    public function hasBoards(): bool
    {
        return $this->clearing->method->takesTwoVisits();
    }

    public function boardsAreToGoOn(): bool
    {
        return $this->hasBoards() && $this->clearing->state === ClearingState::Planned;
    }

    /** @return array<string, string> what is ticked of each super, with its words */
    public function ticks(): array
    {
        $in = ['collected' => __('on the truck')];

        return $this->hasBoards() ? ['placed' => __('board on')] + $in : $in;
    }
}
