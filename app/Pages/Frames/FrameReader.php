<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;
use App\Models\BoxPlace;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\SlotHoney;

/** Reads the frames of hives, each with its honey and whether it may come off. */
final readonly class FrameReader
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private WinterReader $winters,
    ) {
    }

    /**
     * @param  list<string>|null  $hives  codes; null: those of which frames come off by the rule
     * @param  list<string>|null  $chosen  ids of frames; null: those of the rule
     * @param  list<string>|null  $shown  codes of the hives that could be chosen from; of others it is the rule's
     */
    public function of(Apiary $apiary, ?array $hives, ?array $chosen, ?array $shown = null): YardFrames
    {
        $yard = $this->yards->one($apiary);
        $policy = Policy::at($this->current, $apiary);
        $winters = $this->winters->read($yard);
        $offers = $all = $frames = [];
        foreach ($yard->hives as $code => $hive) {
            if ($hive->boxes === []) {
                continue;
            }
            $all[] = (string) $code;
            if ($hives !== null && ! in_array((string) $code, $hives, true)) {
                continue;
            }
            $offer = $this->hive($hive, $winters[$code] ?? null, $policy);
            $couldChoose = $shown === null || in_array((string) $code, $shown, true);
            $picked = $couldChoose && $chosen !== null ? $chosen : $offer->proposed();
            $off = array_filter(
                $offer->frames(),
                static fn (FrameOffer $one): bool => in_array($one->id, $picked, true),
            );
            if ($hives !== null || $off !== []) {
                $offers[] = $offer;
                array_push($frames, ...array_values($off));
            }
        }
        $flow = $this->yards->flow($apiary)->forRipeness();

        return new YardFrames(
            $apiary,
            $offers,
            $all,
            $frames,
            $flow === NectarFlow::On || $flow === NectarFlow::Slow,
        );
    }

    /**
     * Those that a write is about: their hives alone are read.
     *
     * @param  list<string>  $ids
     */
    public function chosen(Apiary $apiary, array $ids): YardFrames
    {
        $marks = array_map(static fn (string $id): string => (string) preg_replace('/-\d+$/', '', $id), $ids);
        $hives = BoxPlace::query()
            ->whereNull('until')
            ->whereHas('box', static fn ($box) => $box->whereIn('mark', array_unique($marks)))
            ->with('hive')
            ->get()
            ->map(static fn (BoxPlace $place): string => $place->hive->code);

        return $this->of($apiary, array_values($hives->unique()->all()), $ids);
    }

    private function hive(HiveState $hive, ?HiveWinter $winter, Policy $policy): HiveOffer
    {
        $boxes = [];
        foreach ($hive->boxes as $box) {
            $frames = [];
            foreach ($this->honeyOf($box, $policy) as $slot => $honey) {
                $frames[$slot] = new FrameOffer(
                    $hive->code,
                    $box,
                    $honey,
                    self::isRipe($box, $honey),
                    $winter?->needs($box) ?? false,
                );
            }
            $boxes[] = new BoxOffer($box, $frames);
        }

        return new HiveOffer($hive, $winter === null ? INF : self::spareKg($hive, $winter), $boxes);
    }

    /** What stands above the winter share, and what the boxes that stay hold beyond the need. */
    private static function spareKg(HiveState $hive, HiveWinter $winter): float
    {
        $above = array_filter($hive->boxes, static fn (BoxState $box): bool => ! $winter->stays($box));

        return max(0.0, $winter->reserve->spareKg)
            + array_sum(array_map(static fn (BoxState $box): float => $box->honey->kg, $above));
    }

    /** @return array<int, SlotHoney> by slot */
    private function honeyOf(BoxState $box, Policy $policy): array
    {
        $fitted = $box->fitted;
        $known = array_filter(
            $box->look->frames,
            static fn (Frame $frame): bool => $frame->slot <= $fitted->framesFitted,
        );

        $honey = SlotHoney::all(array_values($known), $box->ripeness->box);
        // A wet frame, or one from store: it may be moved though it holds nothing.
        foreach (array_diff(range(1, $fitted->framesFitted), array_keys($honey), $box->look->gaps) as $slot) {
            $honey[$slot] = SlotHoney::none($slot);
        }
        ksort($honey);

        return $honey;
    }

    /** By itself where it was seen; else as its super is judged. */
    private static function isRipe(BoxState $box, SlotHoney $honey): bool
    {
        return $honey->seen ? $box->ripeness->ripe[$honey->slot] ?? false : $box->comesOff();
    }
}
