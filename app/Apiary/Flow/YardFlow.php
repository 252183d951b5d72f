<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

use DateTimeImmutable;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Filter\FilteredDay;
use Marjoram\Core\Flow\Filter\FilterResult;
use Marjoram\Core\Flow\FlowEnd;
use Marjoram\Core\Flow\FlowResult;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Flow\ScaleStep;
use Marjoram\Core\Ripeness\NectarFlow;

/** The flow at one yard: calculated from its own scale, or estimated from a neighbour's, with its own signs. */
final readonly class YardFlow
{
    /** From this probability on the flow is taken to be over. */
    private const OVER = 0.8;

    /**
     * @param  FlowResult  $result  by the signs, and by the scale where no filter judges it
     * @param  ?string  $scaleHive  id of the hive on the scale
     * @param  ?string  $presumedFrom  name of the yard whose scale stands in
     * @param  list<Evidence>  $evidence  what was seen in the last weeks
     * @param  ?FilterResult  $filter  day by day, where enough days were weighed: it judges then
     * @param  list<ScaleGains>  $scales  where more than one hive is weighed: what each gained
     */
    public function __construct(
        public FlowResult $result,
        public ?string $scaleHive,
        public ?string $presumedFrom,
        public array $evidence,
        public ?FilterResult $filter = null,
        public array $scales = [],
    ) {
    }

    /** A scale that shows no nectar takes nothing from what the signs alone say. */
    public function pOver(): float
    {
        return match (true) {
            $this->filter === null => $this->result->pOver,
            $this->bringsNectar() => $this->filter->pOver,
            default => max($this->filter->pOver, $this->pOverBySigns($this->filter)),
        };
    }

    /** What the signs alone say; nothing where they do not speak for the end, or no flow has begun that could end. */
    private function pOverBySigns(FilterResult $filter): float
    {
        $today = $filter->days === [] ? null : $filter->days[count($filter->days) - 1];

        return $this->result->pOver > 0.5 ? $this->result->pOver * (1.0 - ($today->p->before ?? 0.0)) : 0.0;
    }

    private function bringsNectar(): bool
    {
        return in_array(Phase::of($this->filter?->recentKgPerDay), [Phase::Strong, Phase::Slow], true);
    }

    /** kg a day over the last days that were weighed; null where nobody weighed. */
    public function meanKgPerDay(): ?float
    {
        return $this->filter === null ? $this->result->meanKgPerDay : $this->filter->recentKgPerDay;
    }

    public function phase(): Phase
    {
        return $this->filter->phase ?? $this->result->phase;
    }

    /** @return array<string, ?float> kg a day by local date; null where it cannot be told */
    public function gains(): array
    {
        return $this->filter === null
            ? $this->result->gainKgByDate
            : array_column(
                array_map(static fn (FilteredDay $one): array => [$one->date, $one->gainKg], $this->filter->days),
                1,
                0,
            );
    }

    /** @return list<ScaleStep> what people put on or took off */
    public function handlings(): array
    {
        return $this->filter->manipulations ?? $this->result->manipulations;
    }

    /** How likely nectar comes in again within ten days; null while the first flow is not over. */
    public function pSecond(): ?float
    {
        return $this->forRipeness() === NectarFlow::Over ? $this->filter?->pResumes : null;
    }

    /** The state of the flow that the ripeness model needs. */
    public function forRipeness(): NectarFlow
    {
        $phase = $this->phase();

        return match (true) {
            $phase === Phase::Unknown && $this->evidence === [] => NectarFlow::Unknown,
            $this->pOver() >= self::OVER => NectarFlow::Over,
            $this->pOver() <= 0.25 || $phase === Phase::Strong => NectarFlow::On,
            default => NectarFlow::Slow,
        };
    }

    /** First day without nectar; null while the flow is not known to be over. */
    public function endedOn(): ?DateTimeImmutable
    {
        $ended = $this->filter?->ended;

        return match (true) {
            $this->pOver() < self::OVER => null,
            $ended !== null => new DateTimeImmutable($ended->median),
            default => FlowEnd::of($this->result, $this->evidence, self::OVER),
        };
    }

    /** All that other results use of it: while this is equal, they stay valid. */
    public function outline(): string
    {
        return implode(' ', [
            $this->sentence(),
            round($this->pOver(), 2),
            $this->endedOn()?->format('Y-m-d') ?? '-',
            round($this->filter->nextKg ?? 0.0, 1),
            $this->presumedFrom ?? '',
            md5(serialize(array_slice($this->gains(), -12))),
        ]);
    }

    public function sentence(): string
    {
        return match ($this->forRipeness()) {
            NectarFlow::Over => __('The flow is over.'),
            NectarFlow::On => __('The flow is on.'),
            NectarFlow::Slow => __('The flow is slowing.'),
            NectarFlow::Unknown => __('The flow is not known yet.'),
        };
    }
}
