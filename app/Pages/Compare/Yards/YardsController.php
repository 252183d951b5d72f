<?php

declare(strict_types=1);

namespace App\Pages\Compare\Yards;

use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use App\Pages\Compare\Crop;
use App\Pages\Compare\Queens\MeritReader;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\Merit\YieldScale;

/** Yards next to each other, the flow against the yield, and what swarms and splits cost here. */
final readonly class YardsController
{
    public function __construct(
        private MeritReader $merits,
        private YardsReader $yards,
        private FlowPicture $picture,
        private OperationCache $cache,
    ) {
    }

    public function __invoke(): View
    {
        $crops = $this->merits->crops();
        $yards = $this->cache->of('compared-yards', [ScopeVersions::ALL], fn (): array => $this->yards->read($crops));

        return view('compare.yards', [
            'yards' => $yards,
            'picture' => $this->picture->of($yards),
            'costs' => array_map(static fn (float $kg): float => -$kg, $this->merits->of(YieldScale::Kg)->fixed ?? []),
            'plain' => [
                'swarmed' => self::plain($crops, static fn (Crop $one): bool => $one->swarmed),
                'split' => self::plain($crops, static fn (Crop $one): bool => $one->split || $one->first),
            ],
        ]);
    }

    /**
     * As one calculates by hand: the mean of those hives next to the mean of the others of their yards and seasons.
     *
     * @param  Collection<int, Crop>  $crops
     * @param  callable(Crop): bool  $is
     * @return array{int, float}|null hives, kg less; null where there is none
     */
    private static function plain(Collection $crops, callable $is): ?array
    {
        $less = [];
        $kg = static fn (Crop $one): float => $one->honey->kg;
        foreach ($crops->groupBy(static fn (Crop $one): string => "$one->yard $one->season") as $of) {
            $those = $of->filter($is);
            $others = $of->reject($is);
            if ($those->isNotEmpty() && $others->isNotEmpty()) {
                foreach ($those as $one) {
                    $less[] = (float) $others->avg($kg) - $one->honey->kg;
                }
            }
        }

        return $less === [] ? null : [count($less), array_sum($less) / count($less)];
    }
}
