<?php

declare(strict_types=1);

namespace App\Pages\Field\Sheets;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Frames\FreeSlots;
use App\Apiary\Frames\WetFrames;
use App\Apiary\Harvest\NewHarvest;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\TakenSuper;

/** Frames that go out of a yard and come back, as a phone carries them: the marks to be given, and those to be read. */
final readonly class FrameSheets
{
    public function __construct(
        private CurrentOperation $current,
        private WetFrames $wet,
        private NewHarvest $harvests,
    ) {
    }

    /**
     * @return array<string, mixed> colours by hive code, empty where none is given, and the frames that were taken
     *     today, whose marks are numbered on
     */
    public function marks(YardState $yard): array
    {
        $usual = FrameMarks::usualIn($yard->apiary, Policy::at($this->current, $yard->apiary)->frameMarks);
        $colours = [];
        foreach ($yard->hives as $code => $hive) {
            $colours[(string) $code] = FrameMarks::of($usual, $hive->code);
        }
        $today = $this->current->today();

        return [
            'today' => $today->format('Y-m-d'),
            'given' => $this->harvests->framesOn($yard->apiary, $today)
                ->map(static fn (TakenSuper $one): array => [
                    'box' => $one->box_id,
                    'slot' => $one->slot,
                    'mark' => $one->name(),
                ])
                ->values()
                ->all(),
            'colours' => $colours,
        ];
    }

    /** @return list<array<string, mixed>> each with the slot that waits for it; null where its box has no gap */
    public function wet(Apiary $apiary, YardState $yard): array
    {
        $frames = $this->wet->ofYard($apiary, $this->current->today());
        $slots = (new FreeSlots(array_column($yard->hives, null, 'id')))->for($frames);

        return array_map(static fn (TakenSuper $one): array => [
            'id' => $one->id,
            'lot' => $one->harvest->lot?->id,
            'mark' => $one->name(),
            'hive' => $one->hive->code,
            'box' => $one->box_id,
            'name' => ($slots[$one->id] ?? null)?->box->name() ?? $one->box->mark,
            'slot' => ($slots[$one->id] ?? null)?->slot,
        ], $frames);
    }
}
