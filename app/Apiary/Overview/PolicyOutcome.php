<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use Marjoram\Core\Ripeness\Verdict;

/** What a policy means for the hives of an operation today. */
final readonly class PolicyOutcome
{
    /** @param  list<YardOverview>  $yards */
    public function __construct(private array $yards)
    {
    }

    /** Supers that are ripe, or decided. */
    public function ripe(): int
    {
        return (int) $this->total(static fn (YardOverview $one): float => $one->count(Verdict::Take));
    }

    /** Supers that can dry in the room. */
    public function toDry(): int
    {
        return (int) $this->total(static fn (YardOverview $one): float => $one->count(Verdict::TakeAndDry));
    }

    public function ripeKg(): float
    {
        return $this->total(static fn (YardOverview $one): float => $one->ripe()->kg);
    }

    /** What winter does not need of it. */
    public function offKg(): float
    {
        return $this->total(static fn (YardOverview $one): float => $one->mayComeOff()->kg);
    }

    public function hives(): int
    {
        return (int) $this->total(static fn (YardOverview $one): float => count($one->hives));
    }

    public function toFeed(): int
    {
        return (int) $this->total(static fn (YardOverview $one): float => $one->hivesToFeed());
    }

    public function sugarKg(): float
    {
        return $this->total(static fn (YardOverview $one): float => $one->sugarKg());
    }

    /** @param  callable(YardOverview): float  $figure */
    private function total(callable $figure): float
    {
        return array_sum(array_map($figure, $this->yards));
    }
}
