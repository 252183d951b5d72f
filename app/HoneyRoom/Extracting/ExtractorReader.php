<?php

declare(strict_types=1);

namespace App\HoneyRoom\Extracting;

use App\HoneyRoom\Bench\LotStack;
use App\HoneyRoom\Bench\LotStacks;
use App\HoneyRoom\Bench\SuperFrame;
use App\HoneyRoom\Bench\SuperFrames;
use App\HoneyRoom\KeepAllotment;
use App\Models\ExtractorLoad;
use App\Models\Lot;
use App\Models\Operation;
use App\Models\RoomAirReading;
use App\Models\RoomReading;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\Wheel;
use Marjoram\Core\Spin\SpinFrame;

/** Reads what is in the extractor, or what goes in next; and writes what was put in and what came out empty. */
final readonly class ExtractorReader
{
    /** Where nobody has read the room or the honey. */
    private const USUAL_C = 28.0;

    private const USUAL_WATER_PCT = 17.5;

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
        $stacks = $this->stacks->read(['spinning', 'readings']);
        $running = $this->running();
        $limit = Policy::of($this->current->get())->ripeness->waterMaxPct;
        $wet = self::full($stacks)->filter(static fn (TakenSuper $one): bool => $one->wasReadAbove($limit));
        $left = $withWet ? [] : array_values($wet->map(static fn (TakenSuper $one): string => $one->id)->all());
        $waiting = $this->next->waiting($stacks, $left);
        $operation = $this->current->get();
        $slots = $running->slots ?? $operation->extractor;
        $loads = $this->next->split($operation->extractor, $waiting, $this->spares($stacks));
        $first = $loads[0] ?? null;
        $rotor = $running !== null ? $this->ofLoad($running) : ($first === null ? [] : $this->ofLoading($first, $waiting));
        [$celsius, $water] = $running !== null
            ? [$running->celsius, $running->water_pct]
            : [$this->celsius(), self::water($stacks)];
        $schedule = new Schedule($operation, $slots);

        return new ExtractorPage(
            $slots,
            $running,
            $rotor,
            $running !== null
                ? $schedule->of($running)
                : $schedule->steps(self::toSpin($rotor, $waiting), $celsius, $water),
            self::imbalance($slots, $rotor),
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

    /**
     * @param  array<int, string>  $slots  ids of frames by slot
     *
     * @throws ValidationException where one of them is not here, is spun, or something is in the extractor already
     */
    public function load(array $slots, DateTimeImmutable $at): ExtractorLoad
    {
        $ids = array_filter($slots, static fn (string $id): bool => ! SpareFrame::is($id));
        $supers = array_map(static fn (string $id): string => substr($id, 0, 26), $ids);
        TakenSuper::query()->whereKey(array_unique(array_values($supers)))->orderBy('id')->lockForUpdate()->get();
        // Of two who load at once the second waits here, and sees the first's.
        Operation::query()->whereKey($this->current->get()->id)->lockForUpdate()->first();
        if (ExtractorLoad::query()->whereNull('spun_at')->exists()) {
            throw ValidationException::withMessages(['slot' => __('There is a load in the extractor already.')]);
        }
        $stacks = $this->stacks->read(['spinning', 'readings']);
        $waiting = $this->next->waiting($stacks);
        $count = $this->current->get()->extractor;
        if ($ids === [] || array_diff($ids, array_keys($waiting)) !== [] || count($ids) !== count(array_unique($ids))) {
            throw ValidationException::withMessages([
                'slot' => __('One of these frames is not here, or is spun already. The proposal below is of now.'),
            ]);
        }
        $beyond = array_filter(array_keys($slots), static fn (int $slot): bool => $slot < 1 || $slot > $count);
        if ($beyond !== []) {
            throw ValidationException::withMessages(['slot' => __('The extractor has :n slots.', ['n' => $count])]);
        }
        $load = ExtractorLoad::query()->create([
            'number' => (int) ExtractorLoad::withBinned()->max('number') + 1,
            'slots' => $count,
            'celsius' => $this->celsius(),
            'water_pct' => self::water($stacks),
            'loaded_at' => $at,
        ]);
        $wetG = $this->frames->wetG($waiting[reset($ids)]->super);
        foreach ($slots as $slot => $id) {
            $load->frames()->create(['slot' => $slot] + self::values($waiting[$id] ?? null, $wetG));
        }

        return $load;
    }

    /** Supers whose last frame was in this load are empty. */
    public function empty(ExtractorLoad $load, DateTimeImmutable $at): void
    {
        $ids = $load->frames->pluck('taken_super_id')->filter()->unique()->all();
        foreach (TakenSuper::query()->whereKey($ids)->with('box')->lockForUpdate()->get() as $super) {
            if ($this->next->isSpun($super)) {
                $super->update(['station' => Station::Spun, 'spun_at' => $at]);
            }
        }
        self::allot($ids);
    }

    /**
     * What is in the buckets came from what is spun: it is shared out anew.
     *
     * @param  array<array-key, mixed>  $superIds
     */
    public static function allot(array $superIds): void
    {
        $lots = Lot::query()
            ->whereIn('harvest_id', TakenSuper::query()->whereKey($superIds)->select('harvest_id'))
            ->get();
        foreach ($lots as $lot) {
            KeepAllotment::of($lot);
        }
    }

    /** @return array<string, mixed> */
    private static function values(?SuperFrame $frame, float $wetG): array
    {
        return $frame === null
            ? ['frame' => 0, 'grams' => $wetG]
            : [
                'taken_super_id' => $frame->super->id,
                'frame' => $frame->slot,
                'grams' => $frame->grams(),
                'honey_kg' => round($frame->honeyKg(), 3),
                'fresh' => $frame->fresh,
            ];
    }

    /** @return array<int, RotorSlot> */
    private function ofLoad(ExtractorLoad $load): array
    {
        $rotor = [];
        foreach ($load->frames as $one) {
            $mark = $one->super === null
                ? __('a spun frame')
                : ($one->super->isFrame() ? $one->super->name() : $one->super->hive->code.' '.$one->super->box->mark.'/'.$one->frame);
            $rotor[$one->slot] = new RotorSlot('', $mark, $one->grams, $one->fresh, $one->super === null);
        }

        return $rotor;
    }

    /**
     * @param  array<string, SuperFrame>  $waiting
     * @return array<int, RotorSlot>
     */
    private function ofLoading(Loading $loading, array $waiting): array
    {
        $rotor = [];
        foreach ($loading->slots as $i => $one) {
            if ($one !== null) {
                $frame = $waiting[$one->id] ?? null;
                $rotor[$i + 1] = new RotorSlot($one->id, $frame?->mark() ?? __('a spun frame'), $one->g, $one->fresh, $frame === null);
            }
        }

        return $rotor;
    }

    /**
     * @param  array<int, RotorSlot>  $rotor
     * @param  array<string, SuperFrame>  $waiting
     * @return list<SpinFrame>
     */
    private static function toSpin(array $rotor, array $waiting): array
    {
        $frames = [];
        foreach ($rotor as $slot => $one) {
            $of = $waiting[$one->id] ?? null;
            $frames[] = new SpinFrame($slot, $one->grams, $one->fresh, $of->aKg ?? 0.0, $of->bKg ?? 0.0);
        }

        return $frames;
    }

    /** @param  array<int, RotorSlot>  $rotor */
    private static function imbalance(int $slots, array $rotor): float
    {
        $masses = [];
        foreach ($rotor as $slot => $one) {
            $masses[$slot - 1] = $one->grams;
        }

        return hypot(...(new Wheel($slots))->sum($masses));
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

    private function celsius(): float
    {
        return RoomAirReading::query()->orderByDesc('read_at')->orderByDesc('id')->first()->celsius ?? self::USUAL_C;
    }

    /** @param  list<LotStack>  $stacks */
    private static function water(array $stacks): float
    {
        $last = self::full($stacks)
            ->map(static fn (TakenSuper $one): ?RoomReading => $one->readings->last())
            ->filter();

        return $last->isEmpty() ? self::USUAL_WATER_PCT : round((float) $last->avg('water_pct'), 2);
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
