<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * What the frames of a super say of all its slots: each frame's own site, unbuilt outer frames, level and sides, and
 * from these what every slot holds. Sites of stated frames are read twice: first by what is expected of any super, then
 * by what the first pass found of this one.
 */
final readonly class SuperModel
{
    private SiteReader $sites;

    private GaussHermite $five;

    private GaussHermite $three;

    public function __construct(private RipenessAssumptions $assumptions = new RipenessAssumptions)
    {
        $this->sites = new SiteReader;
        $this->five = new GaussHermite(5);
        $this->three = new GaussHermite(3);
    }

    public function read(Super $super): ReadSuper
    {
        $priors = $seen = $gone = [];
        for ($slot = 1; $slot <= $super->box->framesFitted; $slot++) {
            $priors[$slot] = SlotPrior::of($slot, $super, $this->assumptions);
        }
        $tilt = self::tilt($super);
        foreach ($super->frames as $frame) {
            if ($frame->gone) {
                $gone[$frame->slot] = true;

                continue;
            }
            $painted = Painted::of($frame, $super->paintingSd);
            $prior = $priors[$frame->slot];
            $seen[$frame->slot] = new SeenFrame($frame, $painted, $prior, $this->sites->of($painted, $prior, $tilt));
        }
        ksort($seen);
        $outer = UnbuiltOuter::of($super->box->framesFitted, $seen);
        $level = self::level($seen, $outer);
        $seen = $this->again($seen, $level);
        $level = self::level($seen, $outer);
        $slots = [];
        foreach (array_diff_key($priors, $gone) as $slot => $prior) {
            $one = $seen[$slot] ?? null;
            $site = $one === null ? null : ($one->frame->glanced ? $one->site->glanced() : $one->site);
            $slots[$slot] = SlotExpectation::of($prior, $site, $level, $this->five, $this->three);
        }
        $full = FullFrame::of($super->box, $super->comb);
        $unstated = array_values(array_filter($seen, static fn (SeenFrame $one): bool => $one->isUnstated()));
        $weight = $super->weight === null ? null : WeightEvidence::of($super->weight, $super->box, $full);

        return new ReadSuper(
            $slots,
            $outer,
            $level,
            BoxShare::of($slots, $outer, $unstated, $full, $weight),
            $full,
            count($unstated),
        );
    }

    /** While a flow is on a rest is the likelier open honey; weak, and once a box. */
    private static function tilt(Super $super): float
    {
        $unstated = 0;
        foreach ($super->frames as $frame) {
            $unstated += ! $frame->gone && ! $frame->a->saysOpen() && ! $frame->b->saysOpen() ? 1 : 0;
        }
        $flow = match ($super->flow) {
            NectarFlow::On => 1.0,
            NectarFlow::Slow => 0.5,
            NectarFlow::Over => -0.5,
            NectarFlow::Unknown => 0.0,
        };

        return $flow / max(1, $unstated);
    }

    /** @param  array<int, SeenFrame>  $seen */
    private static function level(array $seen, UnbuiltOuter $outer): LevelAndSide
    {
        $teach = [];
        foreach ($seen as $slot => $one) {
            $built = $outer->built[$slot];
            if ($one->teaches() && $built >= 0.02) {
                $teach[] = [$one->prior, $one->site->times($built)];
            }
        }

        return LevelAndSide::of($teach);
    }

    /**
     * @param  array<int, SeenFrame>  $seen
     * @return array<int, SeenFrame>
     */
    private function again(array $seen, LevelAndSide $level): array
    {
        $again = [];
        foreach ($seen as $slot => $one) {
            if ($one->isUnstated()) {
                $again[$slot] = $one;

                continue;
            }
            [$fill, $capped] = $level->at($one->prior);
            [$rowF, $rowX] = $level->rows($one->prior);
            $fillVariance = $level->own[0];
            $cappedVariance = $level->own[2];
            foreach ($rowF as $k => $row) {
                $fillVariance += $row * $row;
                $cappedVariance += $rowX[$k] * $rowX[$k];
            }
            $prior = new SlotPrior(
                $slot,
                $one->prior->side,
                $one->prior->fill + $fill,
                $one->prior->capped + $capped,
                $fillVariance,
                $cappedVariance,
            );
            $again[$slot] = $one->with($this->sites->of($one->painted, $prior, 0.0)->shifted($fill, $capped));
        }

        return $again;
    }
}
