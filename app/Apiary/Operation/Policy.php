<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Models\Apiary;
use App\Models\HarvestPolicy;
use App\Models\Operation;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Ripeness\Asked;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessSchool;

/** The choices that are in force at a yard on a day: the operation's, those of the yard, those of its harvest. */
final readonly class Policy
{
    /** When a super may be taken. */
    public RipenessPolicy $ripeness;

    /** Water can be read; without a refractometer a super is judged by its capping. */
    public bool $hasRefractometer;

    /** Frames are taken one by one, and unfinished ones gathered and left. */
    public bool $frameByFrame;

    /** The method of clearing; null where Marjoram chooses. */
    public ?Method $clearing;

    /** Days after the end of the flow by which supers are off. */
    public int $offAfterFlowDays;

    /** How frames are marked when they are taken: none, a colour a yard, or a colour a hive. */
    public string $frameMarks;

    public WinterPolicy $winter;

    public FillPolicy $fill;

    /** Honey of ling: by the harvest where one is set, else by the yard. */
    public bool $heather;

    private function __construct(
        PolicyValues $values,
        private Operation $operation,
        private ?Apiary $apiary = null,
        public ?HarvestPolicy $harvest = null,
    ) {
        $this->heather = $harvest === null ? $apiary?->heather === true : $harvest->heather;
        $water = $values->number(PolicyOption::WaterMaxPct);
        $this->ripeness = new RipenessPolicy(
            RipenessSchool::from($values->text(PolicyOption::School)),
            $values->number(PolicyOption::CappedMin),
            $this->heather ? max($water, $values->number(PolicyOption::HeatherWaterMaxPct)) : $water,
            $values->number(PolicyOption::Confidence),
            $this->heather,
        );
        $this->hasRefractometer = $values->text(PolicyOption::Refractometer) !== 'no';
        $this->frameByFrame = $values->text(PolicyOption::Unit) === 'frames';
        $this->clearing = Method::tryFrom($values->text(PolicyOption::Clearing));
        $this->offAfterFlowDays = (int) $values->number(PolicyOption::OffAfterFlowDays);
        $this->frameMarks = $values->text(PolicyOption::FrameMarks);
        $this->winter = WinterPolicy::from($values);
        $this->fill = FillPolicy::from($values);
    }

    public static function of(Operation $operation, ?Apiary $apiary = null, ?HarvestPolicy $harvest = null): self
    {
        $values = PolicyValues::of($operation->policy, $apiary?->policy, $harvest?->policy);

        return new self($values, $operation, $apiary, $harvest);
    }

    /** The policy of a yard on the operation's day, with the harvest that it is being readied for. */
    public static function at(CurrentOperation $current, Apiary $apiary): self
    {
        $today = $current->today();
        $harvest = $apiary->loadMissing('harvestPolicies')->harvestPolicies->first(static fn (HarvestPolicy $one): bool => $one->holdsOn($today));

        return self::of($current->get(), $apiary, $harvest);
    }

    /** The same as it is in force during a harvest. */
    public function during(HarvestPolicy $harvest): self
    {
        return self::of($this->operation, $this->apiary, $harvest);
    }

    /** How comb becomes honey in a kind of box. */
    public function comb(?string $kind = null): CombAssumptions
    {
        return $this->fill->comb($kind);
    }

    /** What it asks of a super; for a harvest of its own with the harvest's name before it. */
    public function words(): string
    {
        $heather = $this->heather ? ' '.__('Heather: standards allow 23 %.') : '';

        return ($this->harvest === null ? '' : $this->harvest->name.': ').$this->asked().$heather;
    }

    /** Policy, version and yard, as a verdict is frozen with. */
    public function stamp(): string
    {
        $ownYard = $this->apiary === null || ($this->apiary->policy ?? []) === [] ? '' : '+'.$this->apiary->slug;

        return 'v'.$this->operation->policy_version.$ownYard.($this->harvest === null ? '' : '+'.$this->harvest->name);
    }

    private function asked(): string
    {
        $policy = $this->ripeness;
        $figures = [
            'capped' => round(100 * $policy->cappedMin),
            'water' => $policy->waterMaxPct,
            'sure' => round(100 * $policy->confidence),
        ];
        if ($policy->school->asksForWater() && ! $this->hasRefractometer) {
            $figures['capped'] = round(100 * Asked::without($policy)->cappedShare);

            return __('At least :capped % capped, :sure % sure, without a refractometer.', $figures);
        }

        return match ($policy->school) {
            RipenessSchool::CappedOnly => __('Honey fully capped, :sure % sure.', $figures),
            RipenessSchool::Capped90 => __('At least 90 % of the honey capped, :sure % sure.', $figures),
            RipenessSchool::CappedAndRefractometer => __(
                'At least :capped % capped and at most :water % water, :sure % sure.',
                $figures,
            ),
            RipenessSchool::Refractometer => __('At most :water % water, :sure % sure.', $figures),
        };
    }
}
