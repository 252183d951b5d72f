<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\ExtractorLoad;
use App\Models\RoomAirReading;
use App\Models\RoomReading;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\LotStacks;
use App\Pages\HoneyRoom\SuperFrames;
use Illuminate\Support\Collection;
use Marjoram\Core\HoneyRoom\RoomAssumptions;
use Marjoram\Core\Rotor\Loading;

/** Reads what is in the extractor, or what goes in next. */
final readonly class ExtractorReader
{
    public function __construct(
        private CurrentOperation $current,
        private LotStacks $stacks,
        private NextLoads $next,
        private SuperFrames $frames,
    ) {
    }

    /** @param  bool  $withWet  also what was read too wet */
    public function read(bool $withWet = false): ExtractorPage
    {
        $stacks = $this->stacks->read(['hive', 'box', 'spinning', 'readings']);
        $running = $this->running();
        $limit = Policy::of($this->current->get())->ripeness->waterMaxPct;
        $wet = self::full($stacks)->filter(static fn (TakenSuper $one): bool => $one->wasReadAbove($limit));
        $left = $withWet ? [] : array_values($wet->map(static fn (TakenSuper $one): string => $one->id)->all());
        $waiting = $this->next->waiting($stacks, $left);
        $operation = $this->current->get();
        $slots = $running->slots ?? $operation->extractor;
        $loads = $this->next->split($operation->extractor, $waiting, $this->spares($stacks));
        $first = $loads[0] ?? null;
        $rotor = match (true) {
            $running !== null => RotorSlots::ofLoad($running),
            $first !== null => RotorSlots::ofLoading($first, $waiting),
            default => [],
        };
        [$celsius, $water] = $running !== null
            ? [$running->celsius, $running->water_pct]
            : [self::celsius(), self::water($stacks)];
        $schedule = new SpinSchedule($operation, $slots);

        return new ExtractorPage(
            $slots,
            $running,
            $rotor,
            $running !== null
                ? $schedule->of($running)
                : $schedule->steps(RotorSlots::toSpin($rotor, $waiting), $celsius, $water),
            RotorSlots::imbalanceG($slots, $rotor),
            $running !== null ? 0.0 : ($first->asGivenG ?? 0.0),
            $celsius,
            $water,
            count($loads),
            count($waiting),
            count(array_filter($loads, static fn (Loading $one): bool => $one->isMixed())),
            count($left),
            self::full($stacks),
            $this->done(),
        );
    }

    /** That is in it now, and not spun yet. */
    public function running(): ?ExtractorLoad
    {
        return ExtractorLoad::query()
            ->whereNull('spun_at')
            ->with('frames.super.hive', 'frames.super.box')
            ->latest('id')
            ->first();
    }

    /** @param  list<LotStack>  $stacks */
    private function spares(array $stacks): int
    {
        $spun = 0;
        foreach ($stacks as $stack) {
            foreach ($stack->at(Station::Spun) as $super) {
                $spun += count($this->frames->of($super));
            }
            foreach ($stack->toSpin() as $super) {
                $spun += $super->spinning->count();
            }
        }

        return $spun;
    }

    public static function celsius(): float
    {
        return RoomAirReading::newest()->celsius ?? (new RoomAssumptions)->extractingC;
    }

    /** @param  list<LotStack>  $stacks */
    public static function water(array $stacks): float
    {
        $last = self::full($stacks)
            ->map(static fn (TakenSuper $one): ?RoomReading => $one->readings->last())
            ->filter();

        return $last->isEmpty() ? (new RoomAssumptions)->waterPct : round((float) $last->avg('water_pct'), 2);
    }

    /**
     * @param  list<LotStack>  $stacks
     * @return Collection<int, TakenSuper>
     */
    private static function full(array $stacks): Collection
    {
        return collect($stacks)->flatMap(static fn (LotStack $one): Collection => $one->toSpin())->values();
    }

    /** @return Collection<int, ExtractorLoad> */
    private function done(): Collection
    {
        return ExtractorLoad::query()
            ->whereNotNull('spun_at')
            ->with('frames')
            ->orderByDesc('spun_at')
            ->orderByDesc('id')
            ->limit(8)
            ->get()
            ->toBase();
    }
}
