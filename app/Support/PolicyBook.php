<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Apiary;
use App\Models\Operation;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Ripeness\Policy;
use Marjoram\Core\Ripeness\School;

/** The named choices of an operation, each overridable by yard; what is missing has the default of its school. */
final readonly class PolicyBook
{
    public const CLEARING = ['choose', 'brush', 'escape-board', 'fume-board', 'blower'];

    public const WINTER = ['computed'];

    public const DEFAULTS = [
        'school' => 'capped-and-refractometer',
        'capped_min' => 0.75,
        'water_max_pct' => 18.0,
        'confidence' => 0.8,
        'unit' => 'supers',
        'clearing' => 'choose',
        'winter_confidence' => 0.95,
        'winter_from' => '10-01',
        'first_flow' => '04-20',
        'fill_capped' => 0.70,
        'fill_open' => 0.35,
    ];

    /** @var array<string, mixed> */
    private array $values;

    public function __construct(private Operation $operation, private ?Apiary $apiary = null)
    {
        $this->values = array_replace(self::DEFAULTS, $operation->policy, array_filter($apiary->policy ?? [], static fn (mixed $value): bool => $value !== null && $value !== ''));
    }

    public function ripeness(): Policy
    {
        return new Policy(School::from($this->text('school')), $this->number('capped_min'),
            $this->apiary?->heather === true ? max($this->number('water_max_pct'), 21.0) : $this->number('water_max_pct'), $this->number('confidence'));
    }

    public function comb(): CombAssumptions
    {
        return new CombAssumptions(fillCapped: $this->number('fill_capped'), fillOpen: $this->number('fill_open'));
    }

    public function number(string $key): float
    {
        return is_numeric($this->values[$key] ?? null) ? (float) $this->values[$key] : (float) self::DEFAULTS[$key];
    }

    public function text(string $key): string
    {
        return is_string($this->values[$key] ?? null) ? $this->values[$key] : (string) self::DEFAULTS[$key];
    }

    /** Policy, version and yard, as a verdict is frozen with. */
    public function stamp(): string
    {
        return 'v'.$this->operation->policy_version.($this->apiary === null || ($this->apiary->policy ?? []) === [] ? '' : '+'.$this->apiary->slug);
    }
}
