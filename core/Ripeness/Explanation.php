<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Standards;
use Marjoram\Core\Statement;

/** Puts the reasons of a verdict in order: what decided it, then the figures, then what was presumed. */
final readonly class Explanation
{
    /**
     * @param  float  $p  probability that the policy is met
     * @param  int  $unstated  frames whose rest nobody stated
     */
    public function __construct(
        private Super $super,
        private RipenessPolicy $policy,
        private Asked $asked,
        private BoxEstimate $box,
        private WaterEstimate $water,
        private float $p,
        private int $unstated,
        private RipenessAssumptions $assumptions = new RipenessAssumptions,
    ) {
    }

    /** @return list<Statement> of Reasons */
    public function of(Verdict $verdict, int $ripeFrames): array
    {
        if ($this->super->ofLastSeason) {
            return [new Statement(Reason::SeasonOver)];
        }

        return array_values(array_filter([
            $this->decisive($verdict),
            $this->sinceTheFlow(),
            $this->shake(),
            $this->consequence($verdict, $ripeFrames),
            $this->capping(),
            $this->water(),
            ...$this->presumed(),
            $this->glanced(),
            $this->unstated > 0 ? new Statement(Reason::RestUnstated, ['frames' => $this->unstated]) : null,
        ]));
    }

    private function decisive(Verdict $verdict): Statement
    {
        $odds = ['p' => $this->p, 'asked' => $this->policy->confidence];

        return match (true) {
            $this->super->hasBrood() => new Statement(Reason::Brood),
            $this->super->isPresumedEmpty($this->assumptions) => new Statement(
                Reason::PutOnEmpty,
                ['days' => $this->super->daysSinceEmpty ?? 0.0],
            ),
            $this->box->cappedShare === null => new Statement(Reason::NoHoney),
            $this->p >= $this->policy->confidence => new Statement(Reason::PolicyMet, $odds),
            $verdict->asksToLook() => new Statement(Reason::PolicyOpen, $odds),
            default => new Statement(Reason::PolicyNotMet, $odds),
        };
    }

    /** Why a super that has been on for long is presumed empty all the same. */
    private function sinceTheFlow(): ?Statement
    {
        $days = $this->super->daysOfFilling() ?? 0.0;

        return $this->super->isPresumedEmpty($this->assumptions) && $days < ($this->super->daysSinceEmpty ?? 0.0)
            ? new Statement(Reason::LittleNectarSince, ['days' => $days])
            : null;
    }

    private function shake(): ?Statement
    {
        return $this->super->isTooWetToTake($this->policy->waterMaxPct)
            ? new Statement(Reason::ShakeFailed, ['most_pct' => $this->policy->waterMaxPct])
            : null;
    }

    private function consequence(Verdict $verdict, int $ripeFrames): ?Statement
    {
        return match ($verdict) {
            Verdict::TakeAndDry => new Statement(
                Reason::CanDry,
                ['most_pct' => Standards::codexLimitPct($this->policy->heather)],
            ),
            Verdict::Wait => new Statement(Reason::FlowOn),
            Verdict::Leave => $this->isSealed() ? new Statement(Reason::Sealed) : null,
            Verdict::Rearrange => new Statement(Reason::SomeFramesRipe, ['frames' => $ripeFrames]),
            default => null,
        };
    }

    /** Capped all over and too wet: the bees do no more about it. */
    private function isSealed(): bool
    {
        return $this->box->isSealed() &&
            $this->asked->water && $this->water->measured && $this->water->meanPct > $this->policy->waterMaxPct;
    }

    private function capping(): ?Statement
    {
        if ($this->asked->cappedShare <= 0.0 || $this->box->cappedShare === null) {
            return null;
        }
        [$low, $high] = $this->box->shareRange;
        $figures = [
            'share' => $this->box->cappedShare,
            'low' => $low,
            'high' => $high,
            'asked' => $this->asked->cappedShare,
        ];

        return new Statement(Reason::CappedShare, $figures);
    }

    private function water(): ?Statement
    {
        if (! $this->asked->water) {
            return null;
        }
        [$low, $high] = $this->water->range();
        $figures = [
            'pct' => $this->water->meanPct,
            'low_pct' => $low,
            'high_pct' => $high,
            'most_pct' => $this->policy->waterMaxPct,
        ];

        return $this->water->readPct === null
            ? new Statement(Reason::WaterPresumed, $figures)
            : new Statement(Reason::WaterMeasured, $figures + ['read_pct' => $this->water->readPct]);
    }

    /** @return list<Statement> */
    private function presumed(): array
    {
        $figures = ['frames' => $this->box->unseen(), 'of' => count($this->box->slots)];

        return match (true) {
            $figures['frames'] === 0 => [],
            $this->super->underCapped => [
                new Statement(Reason::FramesPresumed, $figures),
                new Statement(Reason::UnderCapped),
            ],
            default => [new Statement(Reason::FramesPresumed, $figures)],
        };
    }

    private function glanced(): ?Statement
    {
        $glanced = count(array_filter($this->super->frames, static fn (Frame $frame): bool => $frame->glanced));

        return $glanced > 0 ? new Statement(Reason::FramesGlanced, ['frames' => $glanced]) : null;
    }
}
