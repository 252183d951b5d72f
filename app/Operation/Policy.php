<?php

declare(strict_types=1);

namespace App\Operation;

use App\Models\Apiary;
use App\Models\HarvestPolicy;
use App\Models\Operation;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessSchool;

/** The named choices of an operation, each overridable by yard and by harvest; what is missing has the default of its school. */
final readonly class Policy
{
    public const CLEARING = ['choose', 'brush', 'escape-board', 'fume-board', 'blower'];

    public const WINTER = ['computed', 'full-super', 'box-rule', 'leave-all'];

    public const DEFAULTS = [
        'school' => 'capped-and-refractometer',
        'capped_min' => 0.75,
        'water_max_pct' => 18.0,
        'heather_water_max_pct' => 21.0,
        'confidence' => 0.8,
        'unit' => 'supers',
        'clearing' => 'choose',
        'off_after_flow_days' => 14,
        'winter_school' => 'computed',
        'winter_boxes' => 2,
        'winter_factor' => 1.0,
        'sugar_to_stores' => 1.0,
        'winter_confidence' => 0.95,
        'winter_from' => '10-01',
        'first_flow' => '04-20',
        'fill_capped' => 0.7,
        'fill_open' => 0.35,
    ];

    /** What a yard or a harvest may have otherwise. */
    public const OVERRIDES = [
        'school',
        'capped_min',
        'water_max_pct',
        'confidence',
        'unit',
        'off_after_flow_days',
        'winter_school',
        'winter_boxes',
        'winter_from',
        'first_flow',
    ];

    /** @var array<string, mixed> */
    private array $values;

    public function __construct(
        private Operation $operation,
        private ?Apiary $apiary = null,
        private ?HarvestPolicy $harvest = null,
    ) {
        $given = static fn (?array $policy): array => array_filter(
            $policy ?? [],
            static fn (mixed $value): bool => $value !== null && $value !== '',
        );
        $this->values = array_replace(
            self::DEFAULTS,
            $operation->policy,
            $given($apiary?->policy),
            $given($harvest?->policy),
        );
    }

    /** The policy of a yard on the operation's day, with the harvest that it is being readied for. */
    public static function at(CurrentOperation $current, Apiary $apiary): self
    {
        $today = $current->today()->format('Y-m-d');

        return new self(
            $current->get(),
            $apiary,
            $apiary->harvestPlans->first(
                static fn (HarvestPolicy $plan): bool => $plan->starts_on->format('Y-m-d') <= $today &&
                    $plan->ends_on->format('Y-m-d') >= $today,
            ),
        );
    }

    public function harvest(): ?HarvestPolicy
    {
        return $this->harvest;
    }

    /** Ling: by the harvest where one is set, else by the yard. */
    public function heather(): bool
    {
        return $this->harvest === null ? $this->apiary?->heather === true : $this->harvest->heather;
    }

    public function ripeness(): RipenessPolicy
    {
        return new RipenessPolicy(
            RipenessSchool::from($this->text('school')),
            $this->number('capped_min'),
            $this->heather()
                ? max($this->number('water_max_pct'), $this->number('heather_water_max_pct'))
                : $this->number('water_max_pct'),
            $this->number('confidence'),
            $this->heather(),
        );
    }

    /** With what own weighings said of this kind of box, where they were taken into the policy. */
    public function comb(?string $kind = null): CombAssumptions
    {
        [$factor, $sd] = $this->fillOf($kind);

        return new CombAssumptions(
            fillCapped: min(1.0, $factor * $this->number('fill_capped')),
            fillOpen: min(1.0, $factor * $this->number('fill_open')),
            boxRelativeSd: $sd,
        );
    }

    /** @return array{float, float} factor on the presumed fill of a kind of box, and its relative standard deviation */
    public function fillOf(?string $kind): array
    {
        $factors = $this->values['fill_factors'] ?? [];
        $own = is_array($factors) && $kind !== null ? $factors[$kind] ?? null : null;

        return is_array($own) && is_numeric($own['factor'] ?? null) && is_numeric($own['sd'] ?? null)
            ? [(float) $own['factor'], (float) $own['sd']]
            : [1.0, 0.12];
    }

    public function number(string $key): float
    {
        return is_numeric($this->values[$key] ?? null) ? (float) $this->values[$key] : (float) self::DEFAULTS[$key];
    }

    public function text(string $key): string
    {
        return is_string($this->values[$key] ?? null) ? $this->values[$key] : (string) self::DEFAULTS[$key];
    }

    /** What it asks of a super, in one sentence. */
    public function words(): string
    {
        $policy = $this->ripeness();
        $asked = match ($policy->school) {
            RipenessSchool::CappedOnly => __('fully capped'),
            RipenessSchool::Capped90 => __('at least 90 % capped'),
            RipenessSchool::CappedAndRefractometer => __('at least :capped % capped and at most :water % water', [
                'capped' => round(100 * $policy->cappedMin),
                'water' => $policy->waterMaxPct,
            ]),
            RipenessSchool::Refractometer => __('at most :water % water', ['water' => $policy->waterMaxPct]),
        };

        return ($this->harvest === null ? '' : $this->harvest->name.': ').
            __(':asked, :sure % sure', ['asked' => $asked, 'sure' => round(100 * $policy->confidence)]).
            ($this->heather() ? ' ('.__('heather; standards allow 23 %').')' : '').
            '.';
    }

    /** Policy, version and yard, as a verdict is frozen with. */
    public function stamp(): string
    {
        return 'v'.
            $this->operation->policy_version.
            ($this->apiary === null || ($this->apiary->policy ?? []) === [] ? '' : '+'.$this->apiary->slug).
            ($this->harvest === null ? '' : '+'.$this->harvest->name);
    }
}
