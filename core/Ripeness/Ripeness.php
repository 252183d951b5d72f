<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Moisture\Standards;
use Marjoram\Core\Numerics\GaussHermite;
use Marjoram\Core\Numerics\GaussLegendre;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Statement;

/**
 * May this super be taken? Entry point of the module: the first of eight verdicts that applies.
 *
 * Frames, shake test, readings and weight are one model (SuperModel, ShareAndWater); a look is asked for only where it
 * pays (LookValue). Source of the rules: common practice, made explicit in RipenessPolicy.
 */
final readonly class Ripeness
{
    /** Less honey than this part of a full frame, on the mean of the slots, is none. */
    private const LEAST_FILL = 0.05;

    /** Of the range that holds a quantile; within what is left it is as good as straight. */
    private const HALVINGS = 9;

    private SuperModel $model;

    private GaussLegendre $eight;

    private GaussHermite $five;

    public function __construct(private RipenessAssumptions $assumptions = new RipenessAssumptions)
    {
        $this->model = new SuperModel($assumptions);
        $this->eight = new GaussLegendre(8);
        $this->five = new GaussHermite(5);
    }

    /** Capping and honey of a box as they are known, without a verdict. */
    public function estimate(Super $super): BoxEstimate
    {
        $read = $this->model->read($super);
        $readings = WaterReadings::of($super->readings, $super->instrumentChecked, $this->assumptions);
        $now = $this->shareAndWater($super, $read, $readings, 0.0, Standards::codexLimitPct(false));

        return $this->estimated($super, $read, $now);
    }

    public function judge(Super $super, RipenessPolicy $policy): RipenessResult
    {
        $read = $this->model->read($super);
        $asked = Asked::of($super, $policy);
        $readings = WaterReadings::of($super->readings, $super->instrumentChecked, $this->assumptions);
        $now = $this->shareAndWater($super, $read, $readings, $asked->cappedShare, $policy->waterMaxPct);
        $box = $this->estimated($super, $read, $now);
        $water = new WaterEstimate(
            $now->waterPct,
            $now->waterSdPct,
            $super->readings === [] ? null : $readings->meanPct,
            $now->pWater,
        );
        $isEmpty = $read->box->capped0 + $read->box->open0 < self::LEAST_FILL * $super->box->framesFitted;
        $p = match (true) {
            $isEmpty || $box->cappedShare === null => 0.0,
            ! $asked->water => $now->pCapped,
            $asked->cappedShare <= 0.0 => $now->pWater,
            default => $now->p,
        };
        $barred = $super->isTooWetToTake($policy->waterMaxPct);
        $ripe = $this->ripeFrames($box, $super, $policy, $asked, $now->pWater);
        $next = $this->next($super, $policy, $asked, $read, $now, $readings, $box, $p, $barred);
        $verdict = $this->verdict($super, $policy, $asked, $box, $water, $p, $ripe, $next, $barred);

        return new RipenessResult(
            $verdict,
            $p,
            $now->pCapped,
            $asked->cappedShare,
            $box,
            $water,
            $next,
            $verdict === Verdict::Wait ? $this->waitDays($super, $policy, $asked, $box, $water) : null,
            $ripe,
            (new Explanation($super, $policy, $asked, $box, $water, $p, $read->unstated, $this->assumptions))
                ->of($verdict, count(array_filter($ripe))),
            self::cautions($super, $asked, $verdict),
        );
    }

    private function shareAndWater(
        Super $super,
        ReadSuper $read,
        WaterReadings $readings,
        float $needed,
        float $limitPct,
    ): ShareAndWater {
        return ShareAndWater::of(
            $read->box,
            $needed,
            $limitPct,
            $super->shake,
            $readings,
            $read->full,
            $this->assumptions,
            $this->eight,
            $this->five,
        );
    }

    private function estimated(Super $super, ReadSuper $read, ShareAndWater $now): BoxEstimate
    {
        $known = array_column($super->frames, null, 'slot');
        $full = $read->full;
        $slots = [];
        for ($slot = 1; $slot <= $super->box->framesFitted; $slot++) {
            $one = $read->slots[$slot] ?? null;
            if ($one === null) {
                $slots[] = new SlotEstimate($slot, true, null, 0.0, 1.0, new Kilograms(0.0));

                continue;
            }
            $built = $read->outer->built[$slot];
            $kg = $built * $full->kg($one->all->capped, $one->all->fill);
            $spread = $built * sqrt(RipenessAssumptions::KG_VARIANCE * $one->kgVariance($full));
            $painting = $full->faceRelativeSd * $kg * M_SQRT1_2;
            $frame = $known[$slot] ?? null;
            $hasHoney = $frame === null || $frame->mayHoldHoney();
            $kg = $hasHoney ? $kg : min($kg, $full->cappedKg * $frame->fill());
            $slots[] = new SlotEstimate(
                $slot,
                $frame !== null,
                $hasHoney ? $one->all->capped / $one->all->fill : null,
                $built * $one->all->fill,
                $built,
                new Kilograms($kg, $full->boxRelativeSd * $kg, hypot($spread, $painting)),
            );
        }
        $hasHoney = array_filter($slots, static fn (SlotEstimate $one): bool => $one->cappedShare !== null) !== [];
        [$honey, $kgRange] = $this->honey($read, $now);
        $z = Normal::EIGHTY * sqrt($now->variance);

        return new BoxEstimate(
            $slots,
            $hasHoney ? $now->share : null,
            $hasHoney ? [Logit::share($now->logit - $z), Logit::share($now->logit + $z)] : [0.0, 0.0],
            $honey,
            $kgRange,
        );
    }

    /** @return array{Kilograms, array{float, float}} and its range in 8 of 10 cases */
    private function honey(ReadSuper $read, ShareAndWater $now): array
    {
        $box = $read->box;
        $shift = $box->covariance / $box->variance * ($now->logit - $box->logit);
        $factor = 1.0 - $box->covariance ** 2 / ($box->variance * $box->kgVariance)
            * (1.0 - $now->variance / $box->variance);
        $worlds = [];
        $kg = $square = 0.0;
        foreach ($box->honey as [$weight, $mean, $variance]) {
            $worlds[] = [$weight, $mean + $shift, sqrt(max(1e-4, $variance * $factor))];
            $kg += $weight * ($mean + $shift);
            $square += $weight * (max(1e-4, $variance * $factor) + ($mean + $shift) ** 2);
        }
        $kg = max(0.0, $kg);
        $sd = sqrt(max(1e-4, $square - $kg * $kg));

        return [
            Kilograms::of($kg, $sd, $read->full->boxRelativeSd),
            [max(0.0, self::quantile($worlds, 0.1)), max(0.0, self::quantile($worlds, 0.9))],
        ];
    }

    /** @param  list<array{float, float, float}>  $worlds  weight, mean, standard deviation */
    private static function quantile(array $worlds, float $p): float
    {
        if (count($worlds) === 1) {
            return $worlds[0][1] + ($p < 0.5 ? -1.0 : 1.0) * Normal::EIGHTY * $worlds[0][2];
        }
        [$low, $high] = [INF, -INF];
        foreach ($worlds as [, $mean, $sd]) {
            $low = min($low, $mean - 4.0 * $sd);
            $high = max($high, $mean + 4.0 * $sd);
        }
        [$below, $above] = [0.0, 1.0];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($low + $high);
            $at = 0.0;
            foreach ($worlds as [$weight, $mean, $sd]) {
                $at += $weight * Normal::cdf(($middle - $mean) / $sd);
            }
            if ($at < $p) {
                [$low, $below] = [$middle, $at];
            } else {
                [$high, $above] = [$middle, $at];
            }
        }

        return $low + ($high - $low) * ($p - $below) / max(1e-9, $above - $below);
    }

    private function next(
        Super $super,
        RipenessPolicy $policy,
        Asked $asked,
        ReadSuper $read,
        ShareAndWater $now,
        WaterReadings $readings,
        BoxEstimate $box,
        float $p,
        bool $barred,
    ): ?NextStep {
        $isMet = $p >= $policy->confidence && ! $super->isUntouched();
        if ($super->ofLastSeason || $super->hasBrood() || $read->slots === [] || $this->isEmpty($super)) {
            return null;
        }
        if ($barred) {
            // The shake alone forbids: a reading of open cells would lift it.
            return $isMet ? new NextStep(null, $p - 0.5, ($p - 0.5) * $box->honey->kg, 0, 1) : null;
        }
        if ($isMet) {
            return null;
        }
        $value = new LookValue($read->slots, $read->outer, $read->level, $read->box, $now, $super->paintingSd);
        $mayRead = $asked->water
            ? max(0, RipenessAssumptions::MOST_READINGS - count($super->readings))
            : 0;
        $best = $value->best(
            $asked,
            $policy,
            $mayRead,
            $readings,
            $box->honey->kg,
            $p,
        );

        return $best ?? ($super->isUntouched() ? new NextStep($value->slot, 0.0, 0.0, 1, 0) : null);
    }

    /** Presumed empty, or inspected in the middle (or all over) and found without honey. */
    private function isEmpty(Super $super): bool
    {
        if ($super->isPresumedEmpty($this->assumptions)) {
            return true;
        }
        $isMiddle = false;
        $seen = 0;
        foreach ($super->frames as $frame) {
            if ($frame->mayHoldHoney()) {
                return false;
            }
            $isMiddle = $isMiddle || (! $frame->gone && $super->box->distanceFromCentre($frame->slot) < 0.5);
            $seen++;
        }

        return $isMiddle || $seen >= $super->box->framesFitted;
    }

    /** @param  array<int, bool>  $ripe */
    private function verdict(
        Super $super,
        RipenessPolicy $policy,
        Asked $asked,
        BoxEstimate $box,
        WaterEstimate $water,
        float $p,
        array $ripe,
        ?NextStep $next,
        bool $barred,
    ): Verdict {
        $isRipe = static fn (Frame $frame): bool => $ripe[$frame->slot];
        $isRest = static fn (Frame $frame): bool => ! $ripe[$frame->slot] && $frame->mayHoldHoney();
        $ripeSeen = count(array_filter($super->frames, $isRipe));
        $flows = $super->flow === NectarFlow::On || $super->flow === NectarFlow::Slow;
        $mayFill = $flows || ($super->frames === [] && $super->flow === NectarFlow::Unknown);

        return match (true) {
            $super->ofLastSeason => Verdict::Leave,
            $super->hasBrood() => $super->canRearrange && $ripeSeen > 0 ? Verdict::Rearrange : Verdict::Leave,
            $this->isEmpty($super) => $mayFill ? Verdict::Wait : Verdict::Leave,
            $p >= $policy->confidence && ! $super->isUntouched() && ! $barred => Verdict::Take,
            $next !== null && ! $barred => $next->isReading() ? Verdict::ReadWater : Verdict::Look,
            $this->canDry($super, $policy, $asked, $box, $water) => Verdict::TakeAndDry,
            $flows && ! $box->isSealed() => Verdict::Wait,
            $super->canRearrange && $ripeSeen >= 2 && array_filter($super->frames, $isRest) !== []
                && (! $asked->water || $water->pAtMost >= 0.5) => Verdict::Rearrange,
            default => Verdict::Leave,
        };
    }

    /** Somewhat less capped than the school asks for: whoever takes only capped honey does not dry half open supers. */
    private function canDry(
        Super $super,
        RipenessPolicy $policy,
        Asked $asked,
        BoxEstimate $box,
        WaterEstimate $water,
    ): bool {
        $needed = $asked->cappedShare > 0.0 ? $asked->cappedShare : $policy->cappedMin;

        return $super->dryRoom &&
            ($super->flow === NectarFlow::Over || $super->flow === NectarFlow::Slow) &&
            $water->meanPct <= Standards::codexLimitPct($policy->heather) &&
            ($box->cappedShare ?? 0.0) >= $needed - 0.25;
    }

    /** @return array<int, bool> by slot */
    private function ripeFrames(
        BoxEstimate $box,
        Super $super,
        RipenessPolicy $policy,
        Asked $asked,
        float $pWater,
    ): array {
        $known = array_column($super->frames, null, 'slot');
        $ripe = [];
        foreach ($box->slots as $slot) {
            $frame = $known[$slot->slot] ?? null;
            $share = $frame?->saysOpen() === true ? $frame->cappedShareOfHoney() : $slot->cappedShare;
            $isEnough = $asked->cappedShare > 0.0 ? $share >= $asked->cappedShare : $pWater >= $policy->confidence;
            $ripe[$slot->slot] = $isEnough && $share !== null && $frame?->hasBrood() !== true;
        }

        return $ripe;
    }

    /**
     * Whether those below a super with this estimate are expected to be more capped: something of it must have been
     * seen.
     */
    public function countsAsCapped(BoxEstimate $above): bool
    {
        return $above->unseen() < count($above->slots) &&
            ($above->cappedShare ?? 0.0) >= $this->assumptions->cappedAbove;
    }

    /** @return list<Statement> of TakingCautions */
    private static function cautions(Super $super, Asked $asked, Verdict $verdict): array
    {
        $cautions = [];
        if ($verdict->comesOff() && ! $super->excluder && ! $super->allSeen()) {
            $cautions[] = new Statement(TakingCaution::LookForTheQueen);
        }
        if ($asked->withoutRefractometer) {
            $cautions[] = new Statement(TakingCaution::NoRefractometer);
        }

        return $cautions;
    }

    /** Until it is capped as asked and, where water is asked for, as dry as asked: the later of the two. */
    private function waitDays(
        Super $super,
        RipenessPolicy $policy,
        Asked $asked,
        BoxEstimate $box,
        WaterEstimate $water,
    ): int {
        if ($super->isPresumedEmpty($this->assumptions)) {
            return max(1, (int) ceil($this->assumptions->daysToFillSuper - ($super->daysOfFilling() ?? 0.0)));
        }
        $now = $box->cappedShare ?? 0.0;
        $missing = max(0.0, ($asked->cappedShare > 0.0 ? $asked->cappedShare : 1.0) - $now);
        $gained = $super->lastCappedShare === null ? 0.0 : $now - $super->lastCappedShare;
        $aDay =
            $gained > 0.0 && ($super->daysSinceLast ?? 0.0) > 0.0
                ? $gained / $super->daysSinceLast
                : 1.0 / $this->assumptions->daysToCapFullSuper;

        $tooWet = $asked->water ? max(0.0, $water->meanPct - $policy->waterMaxPct) : 0.0;
        if ($missing <= 0.0 && $super->isTooWetToTake($policy->waterMaxPct)) {
            $rained = $this->assumptions->openWaterPct[Shake::Failed->value][0];
            $tooWet = max($tooWet, $rained - $policy->waterMaxPct);
        }
        $days = max($missing / $aDay, $tooWet / $this->assumptions->driesPctPerDay);

        return max(1, (int) ceil($days - 1e-9));
    }
}
