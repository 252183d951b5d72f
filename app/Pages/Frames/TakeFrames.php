<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Harvest\NewHarvest;
use App\Apiary\Hives\Stacks;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Box;
use App\Models\FrameWhy;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\TakenSuper;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Frames\StandingBox;

/** Frames come off into a harvest; those that stay are gathered as the keeper chose. */
final readonly class TakeFrames
{
    public function __construct(
        private NewHarvest $harvests,
        private HeldFrames $held,
        private Stacks $stacks,
        private CurrentOperation $current,
        private FrozenVerdict $frozen,
    ) {
    }

    /** @throws ValidationException where one of them cannot be taken */
    public function take(YardFrames $frames, Taking $how): Lot
    {
        $hives = $this->held->hold($frames, alone: $how->leavesOthers());
        foreach ($frames->chosen as $frame) {
            self::mustBeFree($frame, $how->on);
        }
        $lot = $this->harvests->ofDay($frames->apiary, $how->on);
        $record = new MoveRecord($how->on);
        $sum = FrameSum::of($frames, 2);
        // Their marks are numbered on.
        $number = $how->number ?? $lot->harvest->frames()->count() + 1;
        foreach ($frames->chosen as $frame) {
            $mark = $how->colour === null
                ? $frame->mark()
                : $frame->mark().' '.FrameMarks::of($how->colour, $frame->hive).' '.$number++;
            $record->out($frame, FrameWhy::Taken, $this->keep($lot, $frame, $mark, $hives, $how, $sum)->id);
        }
        foreach ($frames->hives as $hive) {
            $this->settle($hive, $frames, $how, $record);
        }

        return $lot;
    }

    private static function mustBeFree(FrameOffer $frame, DateTimeImmutable $on): void
    {
        $why = match (true) {
            $frame->hasBrood() => __('Frame :frame has brood. Leave it in the hive.', ['frame' => $frame->mark()]),
            $frame->held->honey->kg < 0.01 => __('Frame :frame has no honey.', ['frame' => $frame->mark()]),
            $on->format('Y-m-d') < $frame->box->since->format('Y-m-d') => __(
                'Box :mark has been there only since :day.',
                ['mark' => $frame->box->mark, 'day' => $frame->box->since->format('Y-m-d')],
            ),
            default => null,
        };
        if ($why !== null) {
            throw ValidationException::withMessages(['f' => $why]);
        }
    }

    /** @param  Collection<array-key, Hive>  $hives  by id */
    private function keep(
        Lot $lot,
        FrameOffer $frame,
        string $mark,
        Collection $hives,
        Taking $how,
        FrameSum $sum,
    ): TakenSuper {
        $colony = $hives[$frame->box->hiveId]->colony ?? null;
        $policy = Policy::at($this->current, $lot->harvest->apiary);
        [$carrier, $slot] = $sum->carrierOf($frame->id) ?? [null, null];

        return TakenSuper::query()->create([
            'harvest_id' => $lot->harvest_id,
            'box_id' => $frame->box->id,
            'slot' => $frame->slot(),
            'mark' => $mark,
            'carrier' => $carrier,
            'carrier_slot' => $slot,
            'bees' => $how->bees,
            'used_for' => $how->use,
            'hive_id' => $frame->box->hiveId,
            'colony_id' => $colony?->id,
            'queen_id' => $colony?->queen_id,
            'estimate_kg' => round($frame->held->honey->kg, 3),
            'own_sd_kg' => round($frame->held->honey->ownSdKg, 3),
            'frozen' => $this->frozen->frame($frame->box, $frame->held, $frame->comb(), $policy),
        ]);
    }

    /** What stays is gathered, supers emptied by it come off, gaps are filled: as the keeper chose. */
    private function settle(HiveOffer $hive, YardFrames $frames, Taking $how, MoveRecord $record): void
    {
        $plan = $hive->gathered($frames->ids(), $frames->flowOn);
        $emptied = $how->gather ? $plan->emptied : [];
        foreach ($emptied as $id) {
            $this->stacks->off(Box::query()->whereKey($id)->firstOrFail(), $how->on->format('Y-m-d'));
        }
        foreach ($how->gather ? $plan->after : $hive->standing($frames->ids()) as $standing) {
            $box = in_array($standing->id, $emptied, true) ? null : $hive->box($standing->id);
            if ($box !== null) {
                $this->box($hive, $box, $standing, $how->gaps, $record);
            }
        }
    }

    private function box(HiveOffer $hive, BoxOffer $box, StandingBox $standing, Gaps $gaps, MoveRecord $record): void
    {
        $isSpaced = $gaps === Gaps::Spaced && $box->box->isSuper() && $standing->gaps() !== [];
        $offers = array_column($hive->frames(), null, 'id');
        foreach ($isSpaced ? $standing->closedUp() : $standing->frames as $slot => $frame) {
            $offer = $offers[$frame->id];
            if ($offer->box->id !== $standing->id || $offer->slot() !== $slot) {
                $record->to($offer, $box->box, $slot, $isSpaced ? FrameWhy::Spaced : FrameWhy::Gathered);
            }
        }
        if ($isSpaced && $standing->frames !== []) {
            // Set wider the combs are no thicker: what they hold is calculated as they were drawn.
            Box::query()->whereKey($box->box->id)->firstOrFail()->update([
                'frames_fitted' => count($standing->frames),
                'combs_drawn_at' => $box->box->fitted->drawnAt,
            ]);
        }
        foreach ($gaps === Gaps::FromStore ? $standing->gaps() : [] as $slot) {
            $record->fill($box->box, $slot, FrameWhy::Filled);
        }
    }
}
