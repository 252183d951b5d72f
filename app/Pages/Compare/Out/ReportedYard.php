<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Units\Formatter;
use App\Pages\Compare\Crop;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\YardSeason;

/** A yard's part of a season's report. */
final readonly class ReportedYard
{
    /**
     * @param  string  $picture  address of the drawing
     * @param  Collection<int, Crop>  $crops  of the season
     */
    public function __construct(
        public string $name,
        public YardSeason $yard,
        public string $picture,
        public Collection $crops,
    ) {
    }

    /** What a keeper checks by hand. */
    public function words(Formatter $format): string
    {
        return implode(' · ', array_filter([
            trans_choice('{1} :count hive|[2,*] :count hives', $this->yard->hives),
            __(':n producing, :kg each', [
                'n' => $this->yard->producing,
                'kg' => $format->kg($this->yard->meanProducingKg),
            ]),
            __(':p of the crop', ['p' => $format->percent($this->yard->shareOfCrop)]),
            __('best :a, weakest :b', ['a' => $this->yard->best, 'b' => $this->yard->worst]),
            $this->yard->changeKg === null
                ? ''
                : __(':kg to the season before', ['kg' => $format->kg($this->yard->changeKg)]),
        ]));
    }
}
