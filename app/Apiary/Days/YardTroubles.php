<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Models\StopTrouble;

/** What went wrong in the yards in the last days: robbers come back, a heavy box is heavy again. */
final readonly class YardTroubles
{
    /** Robbers that found a way in look for it again for about a week (common practice). */
    private const DAYS = 7;

    public function __construct(private CurrentOperation $current, private OperationCache $cache)
    {
    }

    /** @return array<string, StopTrouble> the newest of each kind, by kind */
    public function of(string $apiaryId): array
    {
        return $this->cache->once('stop-troubles', $this->all(...))[$apiaryId] ?? [];
    }

    public function hasRobbing(string $apiaryId): bool
    {
        return isset($this->of($apiaryId)['robbing']);
    }

    /** @return array<string, array<string, StopTrouble>> by yard and kind */
    private function all(): array
    {
        $today = $this->current->today();
        $rows = StopTrouble::query()
            ->whereBetween('on', [$today->modify('-'.self::DAYS.' days')->format('Y-m-d'), $today->format('Y-m-d')])
            ->orderBy('on')
            ->orderBy('id')
            ->get();
        $found = [];
        foreach ($rows as $one) {
            $found[$one->apiary_id][$one->what] = $one;
        }

        return $found;
    }
}
