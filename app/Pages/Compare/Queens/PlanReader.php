<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Models\MarkKind;
use Illuminate\Support\Collection;

/**
 * The plan follows from the marks: queens to be replaced give way first, then, as far as daughters are asked for, those
 * of the least hives. Daughters are dealt out in turn; none goes where her mother stands.
 */
final readonly class PlanReader
{
    public function __construct(private MeritReader $merits, private QueenBook $book)
    {
    }

    public function read(): QueenPlan
    {
        $queens = $this->book->read($this->merits->of($this->merits->proposed()));
        $marked = static fn (MarkKind $kind): Collection => $queens->filter(
            static fn (KnownQueen $one): bool => $one->mark?->mark === $kind,
        );
        $mothers = array_values($marked(MarkKind::Breed)->all());
        $wanted = (int) array_sum(array_map(static fn (KnownQueen $one): int => $one->mark->daughters ?? 0, $mothers));
        $leave = $marked(MarkKind::Replace)->filter(static fn (KnownQueen $one): bool => $one->isAlive());
        $least = $queens
            ->filter(static fn (KnownQueen $one): bool => $one->isAlive()
                && $one->mark === null
                && ($one->merit->pBelow ?? 0.0) > 0.5)
            ->reverse()
            ->take(max(0, $wanted - $leave->count()));
        $places = [];
        $turn = new Turns($mothers);
        foreach ([...$leave->reverse()->values(), ...$least->values()] as $queen) {
            $why = $queen->mark === null
                ? __('among the weakest hives')
                : ($queen->mark->reason === '' ? __('marked to be replaced') : $queen->mark->reason);
            $places[] = new NewQueen($queen, $why, $turn->next($queen));
        }

        return new QueenPlan($mothers, $places, $wanted);
    }
}
