<?php

declare(strict_types=1);

namespace App\Pages\Assess;

/** Differences between the newest inspection and the one before. */
final readonly class HistoryChange
{
    private function __construct(
        public int $days,
        public float $capped,
        public float $cappedSd,
        public float $full,
        public ?float $waterPct,
    ) {
    }

    public static function between(HistoryPoint $before, HistoryPoint $now): self
    {
        $bothWet = $now->waterPct !== null && $before->waterPct !== null;

        return new self(
            max(1, (int) round(($now->on->getTimestamp() - $before->on->getTimestamp()) / 86400)),
            (float) $now->capped - (float) $before->capped,
            sqrt($now->cappedSd ** 2 + $before->cappedSd ** 2),
            $now->full - $before->full,
            $bothWet ? $now->waterPct - $before->waterPct : null,
        );
    }

    public function words(): string
    {
        $words = __(
            'In :n days: :capped percentage points capped (give or take :sd), :full full frames of honey',
            [
                'n' => $this->days,
                'capped' => sprintf('%+.0f', 100 * $this->capped),
                'sd' => round(100 * $this->cappedSd),
                'full' => sprintf('%+.1f', $this->full),
            ],
        );
        $water = $this->waterPct === null
            ? ''
            : ', '.__(':water points of water', ['water' => sprintf('%+.1f', $this->waterPct)]);
        $pace = __('That is :n points a day.', ['n' => sprintf('%+.1f', 100 * $this->capped / $this->days)]);

        return "$words$water. $pace";
    }
}
