<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Apiary\Harvest\Journey;
use App\Apiary\Harvest\LotLedger;
use App\Apiary\Operation\CurrentOperation;
use App\Models\ExtractorLoad;
use App\Models\Lot;
use App\Models\Operation;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStacks;
use App\Pages\HoneyRoom\SuperFrame;
use App\Pages\HoneyRoom\SuperFrames;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** Writes what was put into the extractor, and what came out of it empty. */
final readonly class LoadExtractor
{
    public function __construct(
        private CurrentOperation $current,
        private LotStacks $stacks,
        private NextLoads $next,
        private SuperFrames $frames,
        private Journey $journey,
    ) {
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
        // Of two requests at once, the second waits here and sees the first one's load.
        Operation::query()->whereKey($this->current->get()->id)->lockForUpdate()->first();
        if (ExtractorLoad::query()->whereNull('spun_at')->exists()) {
            throw ValidationException::withMessages(['slot' => __('The extractor has a load already.')]);
        }
        $stacks = $this->stacks->read(['hive', 'box', 'spinning', 'readings']);
        $waiting = $this->next->waiting($stacks);
        $count = $this->current->get()->extractor;
        if ($ids === [] || array_diff($ids, array_keys($waiting)) !== [] || count($ids) !== count(array_unique($ids))) {
            throw ValidationException::withMessages([
                'slot' => __('One of these frames is not here, or is extracted already. The new proposal is below.'),
            ]);
        }
        $beyond = array_filter(array_keys($slots), static fn (int $slot): bool => $slot < 1 || $slot > $count);
        if ($beyond !== []) {
            throw ValidationException::withMessages(['slot' => __('The extractor has :n slots.', ['n' => $count])]);
        }
        $load = ExtractorLoad::query()->create([
            'number' => (int) ExtractorLoad::withBinned()->max('number') + 1,
            'slots' => $count,
            'celsius' => ExtractorReader::celsius(),
            'water_pct' => ExtractorReader::water($stacks),
            'loaded_at' => $at,
        ]);
        $wetG = $this->frames->wetG($waiting[reset($ids)]->super);
        foreach ($slots as $slot => $id) {
            $load->frames()->create(['slot' => $slot] + self::values($waiting[$id] ?? null, $wetG));
        }

        return $load;
    }

    /** Empties the supers whose last frame was in this load, and shares their lots' honey out again. */
    public function empty(ExtractorLoad $load): void
    {
        $ids = $load->frames->pluck('taken_super_id')->filter()->unique()->all();
        $supers = $this->journey->hold($ids, ['box', 'harvest.lot']);
        $this->journey->move($supers->filter($this->next->isSpun(...)), Station::Spun);
        $begun = $supers->reject($this->next->isSpun(...));
        foreach ($begun->map(static fn (TakenSuper $one): ?Lot => $one->harvest->lot)->filter()->unique('id') as $lot) {
            LotLedger::settle($lot);
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
                'first_kg' => round($frame->aKg, 3),
                'fresh' => $frame->fresh,
            ];
    }
}
