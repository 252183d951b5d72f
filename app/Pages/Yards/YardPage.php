<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\Policy;
use App\Apiary\Operation\PolicyValues;
use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\HarvestPolicy;
use App\Models\Hive;
use App\Models\Treatment;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Reserve\Climate;

/** A yard as it is kept: its hives, one of them open, its policy, climate and treatments. */
final readonly class YardPage
{
    /**
     * @param  array<string, BoxKind>  $kinds
     * @param  Records<int, Treatment>  $treatments
     * @param  Collection<int, Apiary>  $apiaries  all of the operation
     * @param  Records<int, Box>  $store
     * @param  Records<int, Hive>  $hives  of the yard, by their stands
     */
    public function __construct(
        public Apiary $apiary,
        public ElevationPicture $picture,
        public Policy $policy,
        public array $kinds,
        public Records $treatments,
        private Collection $apiaries,
        public ?OpenHive $open,
        public Records $store,
        public ?BoxInHand $hand,
        public Records $hives,
    ) {
    }

    /** As it was sent, where the form comes back; else none is. */
    public function isChosen(Hive $hive, mixed $sent): bool
    {
        return is_array($sent) && in_array($hive->id, $sent, true);
    }

    /** @return array<string, string> */
    public function kindChoices(string $none): array
    {
        return ['' => $none] + $this->kindNames();
    }

    public function kindOf(Box $box): string
    {
        return $this->kinds[$box->kind]->name ?? $box->kind;
    }

    /** @return Collection<string, Records<int, Box>> what is in store, by the names of the kinds */
    public function storeByKind(): Collection
    {
        return $this->store->groupBy($this->kindOf(...))->sortKeys()->toBase();
    }

    /** @return array<string, string> */
    public function storeChoices(): array
    {
        $choices = ['' => __('none: a new one')];
        foreach ($this->store as $box) {
            $choices[$box->id] = $box->mark.' '.$this->kindOf($box);
        }

        return $choices;
    }

    /** The mean temperature of a month (0 is January) as a form shows it. */
    public function monthly(int $month, Formatter $format): string
    {
        $celsius = $this->apiary->climate[$month] ?? null;

        return $celsius === null ? '' : (string) round($format->temperatureValue($celsius), 1);
    }

    /** @return array<string, string> */
    public function kindNames(): array
    {
        return array_map(static fn (BoxKind $kind): string => $kind->name, $this->kinds);
    }

    /** @return array<string, string> by slug */
    public function yardChoices(): array
    {
        return $this->apiaries->pluck('name', 'slug')->all();
    }

    public function policyOf(HarvestPolicy $harvest): string
    {
        return $this->policy->during($harvest)->words();
    }

    /** @return array<string, mixed> what this yard has otherwise, as a form shows it */
    public function overrides(): array
    {
        return PolicyValues::shown($this->apiary->policy ?? [], $this->apiary->latitude < 0.0);
    }

    /** @return array<string, string> named climates */
    public function climates(): array
    {
        $names = array_map(static fn (Climate $one): string => __($one->name), Climate::presets());

        return ['' => __('choose one')] + $names;
    }

    public function climateNow(Formatter $format): string
    {
        $source = $this->apiary->climate_source;

        return __('Now: :source; years differ by about :sd.', [
            'source' => __(Climate::presets()[$source ?? '']->name ?? $source ?? 'own numbers'),
            'sd' => $format->degrees($this->apiary->climate_sd),
        ]);
    }
}
