<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\PolicyOption;
use App\Apiary\Operation\PolicyValues;
use App\Apiary\Overview\OverviewReader;
use App\Apiary\Overview\PolicyOutcome;
use App\Foundation\Units\Formatter;
use App\Words\Names;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;

/** The questions of a policy with their answers, each beside what it would do to one's own hives. */
final readonly class PolicyChoices
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private OverviewReader $overviews,
        private Formatter $format,
    ) {
    }

    /** @return list<PolicyChoice> */
    public function ofRipeness(bool $withMeaning): array
    {
        $order = [
            RipenessSchool::CappedAndRefractometer,
            RipenessSchool::Capped90,
            RipenessSchool::CappedOnly,
            RipenessSchool::Refractometer,
        ];

        $present = $withMeaning ? $this->outcome() : null;

        return array_map(fn (RipenessSchool $one): PolicyChoice => $this->choice(
            PolicyOption::School,
            $one->value,
            Names::sentence($one, list: 'chosenRipeness'),
            $present,
        ), $order);
    }

    /** @return list<PolicyChoice> */
    public function ofWinter(bool $withMeaning): array
    {
        $present = $withMeaning ? $this->outcome() : null;

        return array_map(fn (WinterSchool $one): PolicyChoice => $this->choice(
            PolicyOption::WinterSchool,
            $one->value,
            Names::sentence($one, list: 'chosenWinter'),
            $present,
        ), WinterSchool::cases());
    }

    /** The places on the page that are filled once the figures are calculated. */
    public static function places(): string
    {
        return implode(',', [
            ...array_map(static fn ($one): string => "#means-school-$one->value", RipenessSchool::cases()),
            ...array_map(static fn ($one): string => "#means-winter_school-$one->value", WinterSchool::cases()),
        ]);
    }

    /** @param  ?PolicyOutcome  $present  what the policy means as it is; null where no figures are asked for */
    private function choice(
        PolicyOption $option,
        string $value,
        string $sentence,
        ?PolicyOutcome $present,
    ): PolicyChoice {
        $isPresent = PolicyValues::of($this->current->get()->policy)->text($option) === $value;
        $that = $isPresent || $present === null
            ? $present
            : $this->current->supposing([$option->value => $value], $this->outcome(...));

        return new PolicyChoice($value, $sentence, $isPresent, match (true) {
            $that === null || $present === null => '',
            $option === PolicyOption::School => $this->ofRipe($that, $present),
            default => $this->ofStores($that),
        });
    }

    private function outcome(): PolicyOutcome
    {
        return new PolicyOutcome(array_values($this->yards->apiaries()->map($this->overviews->of(...))->all()));
    }

    private function ofRipe(PolicyOutcome $that, PolicyOutcome $present): string
    {
        $more = $that->ripe() - $present->ripe();

        return implode(' ', array_filter([
            trans_choice('{0} No super is ripe.|{1} :count super is ripe.|[2,*] :count supers are ripe.', $that->ripe()),
            $more === 0 ? '' : trans_choice(
                $more > 0
                    ? '{1} That is :count more than now.|[2,*] That is :count more than now.'
                    : '{1} That is :count fewer than now.|[2,*] That is :count fewer than now.',
                abs($more),
            ),
            $that->toDry() === 0
                ? ''
                : trans_choice(':count super can dry.|:count supers can dry.', $that->toDry()),
            $this->off($that),
        ]));
    }

    private function ofStores(PolicyOutcome $that): string
    {
        return $this->off($that).' '.($that->toFeed() === 0
            ? __('No hive is short for winter.')
            : trans_choice(
                '{1} :count of :all hives is short for winter: ~:kg of sugar.'
                    .'|[2,*] :count of :all hives are short for winter: ~:kg of sugar.',
                $that->toFeed(),
                ['all' => $that->hives(), 'kg' => $this->format->kg($that->sugarKg(), 0)],
            ));
    }

    private function off(PolicyOutcome $that): string
    {
        return __('~:off of ~:ripe may come off.', [
            'off' => $this->format->kg($that->offKg(), 0),
            'ripe' => $this->format->kg($that->ripeKg(), 0),
        ]);
    }
}
