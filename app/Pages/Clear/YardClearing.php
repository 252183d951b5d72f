<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardState;
use App\Apiary\Overview\YardComing;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodOutcome;
use Marjoram\Core\Lifting\LiftResult;

/** What comes off one yard, how, and when. */
final readonly class YardClearing
{
    public Apiary $apiary;

    /** @param  array<string, LiftResult>  $lifts  by box id */
    public function __construct(
        public YardState $yard,
        public YardComing $coming,
        public Compared $compared,
        private array $lifts,
    ) {
        $this->apiary = $yard->apiary;
    }

    public function isEmpty(): bool
    {
        return $this->coming->now === [];
    }

    /** @return list<BoxState> supers coming off, hive by hive from the top */
    public function supers(): array
    {
        $found = [];
        foreach ($this->coming->now as $code => $supers) {
            $ids = array_map(static fn (JudgedSuper $one): string => $one->id, $supers);
            array_push($found, ...$this->fromTheTop((string) $code, $ids));
        }

        return $found;
    }

    /** @return list<BoxState> supers that stay, though some of them are ripe; without those just put on */
    public function staying(): array
    {
        return array_values(array_filter($this->left(), static fn (BoxState $box): bool => ! $box->isFresh()));
    }

    /** @return list<string> codes of hives with a super that was put on empty and is not inspected yet */
    public function withFresh(): array
    {
        $fresh = array_filter($this->left(), static fn (BoxState $box): bool => $box->isFresh());

        return array_values(array_unique(array_column($fresh, 'hive')));
    }

    /** @return list<BoxState> */
    private function left(): array
    {
        $ids = array_map(static fn (JudgedSuper $one): string => $one->id, $this->coming->supers());
        $off = [...$ids, ...$this->coming->planned()];
        $found = [];
        foreach ($this->yard->hives as $code => $hive) {
            $all = array_map(static fn (BoxState $box): string => $box->id, $hive->supers());
            array_push($found, ...$this->fromTheTop((string) $code, array_values(array_diff($all, $off))));
        }

        return $found;
    }

    public function heading(Formatter $format): string
    {
        $yard = ['yard' => $this->apiary->name];

        return match (true) {
            ! $this->isEmpty() => trans_choice(
                ':yard: :count super, ~:kg|:yard: :count supers, ~:kg',
                count($this->coming->supers()),
                $yard + ['kg' => $format->kg($this->coming->mass()->kg, 0)],
            ),
            $this->coming->clearings === [] => __('Nothing to come off at :yard', $yard),
            default => __('All supers that come off at :yard are planned', $yard),
        };
    }

    public function lift(BoxState $box): LiftResult
    {
        return $this->lifts[$box->id];
    }

    /** The keeper's own where it can be done, else the first in rank. */
    public function chosen(?Method $preferred): ?MethodOutcome
    {
        $own = $this->compared->of($preferred);

        return $own?->feasible() === true ? $own : $this->compared->methods[0] ?? null;
    }

    /**
     * @param  list<string>  $ids
     * @return list<BoxState>
     */
    private function fromTheTop(string $code, array $ids): array
    {
        $isOne = static fn (BoxState $box): bool => in_array($box->id, $ids, true);

        return array_values(array_filter($this->yard->hive($code)?->fromTheTop() ?? [], $isOne));
    }
}
