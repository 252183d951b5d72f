<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Standards;
use Marjoram\Core\Numerics\Beta;
use Marjoram\Core\Statement;

/**
 * May this super be taken? Entry point of the module: the first of six verdicts that applies.
 *
 * Capping and water are taken as independent. A super of which nothing at all was seen is always to be looked at.
 * Source of the rules: common practice, made explicit in Policy.
 */
final readonly class Ripeness
{
    private UnseenFrames $unseen;

    private NextLook $next;

    public function __construct(private RipenessAssumptions $assumptions = new RipenessAssumptions)
    {
        $this->unseen = new UnseenFrames($assumptions);
        $this->next = new NextLook;
    }

    public function judge(Super $super, RipenessPolicy $policy): RipenessResult
    {
        $box = $this->unseen->estimate($super);
        $water =
            $super->readings === []
                ? WaterEstimate::presumed(
                    $box->cappedShare ?? 0.0,
                    $super->shake,
                    $policy->waterMaxPct,
                    $this->assumptions,
                )
                : WaterEstimate::measured($super->readings, $policy->waterMaxPct);
        $pCapped =
            $box->cappedShare === null
                ? 0.0
                : Beta::upperTailOfMoments($policy->cappedShareNeeded(), $box->cappedShare, $box->sd ** 2);
        $p = match (true) {
            $box->cappedShare === null => 0.0,
            $policy->school === RipenessSchool::Refractometer => $water->pAtMost,
            $policy->school === RipenessSchool::CappedAndRefractometer => $pCapped * $water->pAtMost,
            default => $pCapped,
        };
        $ripe = $this->ripeFrames($box, $super, $policy, $water);
        // All else speaks for taking: then the shake alone forbids, and a reading of open cells would lift it.
        $isBarred = $p >= $policy->confidence && ! $super->hasBrood() && $super->isTooWetToTake($policy->waterMaxPct);
        $verdict = $this->verdict($super, $policy, $box, $water, $p, $ripe, $isBarred);
        $waits = $verdict === Verdict::Wait ? $this->waitDays($super, $policy, $box, $water) : null;

        return new RipenessResult(
            $verdict,
            $p,
            $box,
            $water,
            $isBarred ? 'reading' : $this->lookNext($verdict, $super, $policy, $box, $pCapped, $water->pAtMost),
            $waits,
            $ripe,
            (new Explanation($super, $policy, $box, $water, $p, $this->assumptions))
                ->of($verdict, count(array_filter($ripe))),
            $verdict->comesOff() && ! $super->excluder && ! $super->allSeen()
                ? [new Statement(TakingCaution::LookForTheQueen)]
                : [],
        );
    }

    /** @param  array<int, bool>  $ripe */
    private function verdict(
        Super $super,
        RipenessPolicy $policy,
        BoxEstimate $box,
        WaterEstimate $water,
        float $p,
        array $ripe,
        bool $isBarred,
    ): Verdict {
        $ripeSeen = count(array_filter($super->frames, static fn (Frame $frame): bool => $ripe[$frame->slot]));
        $undecided =
            $p > 1.0 - $policy->confidence &&
            (! $super->allSeen() || ($super->readings === [] && $policy->school->asksForWater()));

        return match (true) {
            $super->hasBrood() => $super->canRearrange && $ripeSeen > 0 ? Verdict::Rearrange : Verdict::Leave,
            $box->cappedShare === null => $super->flow === NectarFlow::On || $super->flow === NectarFlow::Slow
                ? Verdict::Wait
                : Verdict::Leave,
            $super->isPresumedEmpty($this->assumptions) => $super->flow === NectarFlow::Over
                ? Verdict::Leave
                : Verdict::Wait,
            $p >= $policy->confidence && ! $isBarred => Verdict::Take,
            $super->frames === [] && $super->readings === [] => Verdict::Look,
            $undecided && ! $isBarred => Verdict::Look,
            $this->canDry($super, $policy, $box, $water) => Verdict::TakeAndDry,
            $super->flow === NectarFlow::On || $super->flow === NectarFlow::Slow => Verdict::Wait,
            $super->canRearrange && $ripeSeen >= 2 => Verdict::Rearrange,
            default => Verdict::Leave,
        };
    }

    private function canDry(Super $super, RipenessPolicy $policy, BoxEstimate $box, WaterEstimate $water): bool
    {
        return $super->dryRoom &&
            ($super->flow === NectarFlow::Over || $super->flow === NectarFlow::Slow) &&
            $water->meanPct <= Standards::codexLimitPct($policy->heather) &&
            ($box->cappedShare ?? 0.0) >= $policy->cappedMin - 0.25;
    }

    /** @return array<int, bool> by slot */
    private function ripeFrames(BoxEstimate $box, Super $super, RipenessPolicy $policy, WaterEstimate $water): array
    {
        $brood = [];
        foreach ($super->frames as $frame) {
            $brood[$frame->slot] = $frame->hasBrood();
        }
        $ripe = [];
        foreach ($box->slots as $slot) {
            $enough = $policy->school->asksForCapping()
                ? ($slot->cappedShare ?? -1.0) >= $policy->cappedShareNeeded()
                : $water->pAtMost >= $policy->confidence;
            $ripe[$slot->slot] = $enough && $slot->cappedShare !== null && ! ($brood[$slot->slot] ?? false);
        }

        return $ripe;
    }

    /** @return int|'reading'|null */
    private function lookNext(
        Verdict $verdict,
        Super $super,
        RipenessPolicy $policy,
        BoxEstimate $box,
        float $pCapped,
        float $pWater,
    ): int|string|null {
        $couldRead = $super->readings === [] && $policy->school->asksForWater();
        $readingTellsMore =
            $couldRead &&
            $super->frames !== [] &&
            (! $policy->school->asksForCapping() || abs($pWater - 0.5) < abs($pCapped - 0.5));
        if ($verdict === Verdict::Leave || ($super->allSeen() && ! $couldRead)) {
            return null;
        }

        return $readingTellsMore || $super->allSeen()
            ? 'reading'
            : $this->next->slot($box) ?? $this->next->glanced($box);
    }

    /**
     * Whether those below a super with this estimate are presumed to be more capped: something of it must have been
     * seen.
     */
    public function countsAsCapped(BoxEstimate $above): bool
    {
        return $above->unseen() < count($above->slots) &&
            ($above->cappedShare ?? 0.0) >= $this->assumptions->cappedAbove;
    }

    /** Until it is capped as asked and, where water is asked for, as dry as asked: the later of the two. */
    private function waitDays(Super $super, RipenessPolicy $policy, BoxEstimate $box, WaterEstimate $water): int
    {
        if ($super->isPresumedEmpty($this->assumptions)) {
            return max(1, (int) ceil($this->assumptions->daysToFillSuper - ($super->daysSinceEmpty ?? 0.0)));
        }
        $now = $box->cappedShare ?? 0.0;
        $missing = max(0.0, ($policy->school->asksForCapping() ? $policy->cappedShareNeeded() : 1.0) - $now);
        $gained = $super->lastCappedShare === null ? 0.0 : $now - $super->lastCappedShare;
        $aDay =
            $gained > 0.0 && ($super->daysSinceLast ?? 0.0) > 0.0
                ? $gained / $super->daysSinceLast
                : 1.0 / $this->assumptions->daysToCapFullSuper;

        $tooWet = $policy->school->asksForWater() ? max(0.0, $water->meanPct - $policy->waterMaxPct) : 0.0;
        if ($missing <= 0.0 && $super->isTooWetToTake($policy->waterMaxPct)) {
            $rained = $this->assumptions->openWaterPct[Shake::Failed->value][0];
            $tooWet = max($tooWet, $rained - $policy->waterMaxPct);
        }
        $days = max($missing / $aDay, $tooWet / $this->assumptions->driesPctPerDay);

        return max(1, (int) ceil($days - 1e-9));
    }
}
