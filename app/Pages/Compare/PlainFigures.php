<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Foundation\Units\Formatter;

/** What a keeper counts of a yard's season by hand, beside its kg. */
final readonly class PlainFigures
{
    /**
     * @param  int  $supers  that came off
     * @param  int  $buckets  that were weighed
     * @param  ?float  $yearsKg  mean of a producing hive over the years before; null where there are none
     * @param  int  $firsts  colonies in their first season
     * @param  int  $splits  hives that were split
     */
    public function __construct(
        public int $supers,
        public int $buckets,
        public ?float $yearsKg,
        public int $firsts,
        public int $splits,
    ) {
    }

    public function words(Formatter $format): string
    {
        return implode(' · ', array_filter([
            $this->yearsKg === null ? '' : __('years before :kg', ['kg' => $format->kg($this->yearsKg, 0)]),
            $this->supers === 0 ? '' : trans_choice('{1} :count super|[2,*] :count supers', $this->supers),
            $this->buckets === 0 ? '' : trans_choice('{1} :count bucket|[2,*] :count buckets', $this->buckets),
            $this->firsts === 0 ? '' : trans_choice('{1} :count first season|[2,*] :count first seasons', $this->firsts),
            $this->splits === 0 ? '' : trans_choice('{1} :count split|[2,*] :count splits', $this->splits),
        ]));
    }
}
