<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\Seasons;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Words\Names;

/** The honey of a yard in one line, in the same words on Assess, Winter and Clear. */
final readonly class YardSum
{
    public function __construct(
        private OverviewReader $overviews,
        private CurrentOperation $current,
        private Formatter $format,
        private Seasons $seasons,
    ) {
    }

    /** "~41 kg ripe: ~27 kg stays for winter, ~14 kg may come off." */
    public function words(Apiary $apiary): string
    {
        $yard = $this->overviews->of($apiary);
        $kg = fn (float $kg): string => $this->format->kg($kg, 0);
        $figures = [
            'ripe' => $kg($yard->ripe()->kg),
            'stays' => $kg($yard->ripeThatStays()->kg),
            'off' => $kg($yard->mayComeOff()->kg),
        ];

        return match (true) {
            $yard->ripe()->kg >= 0.5 => __('~:ripe ripe: ~:stays stays for winter, ~:off may come off.', $figures),
            $this->seasons->now()->isOn => __('No honey is ripe yet.'),
            default => $this->seasons->now()->sentence(),
        };
    }

    /** How it is chosen what stays, as the policy of the yard says. */
    public function rule(Apiary $apiary): string
    {
        return Names::of(Policy::at($this->current, $apiary)->winter->school);
    }
}
