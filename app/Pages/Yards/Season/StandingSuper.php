<?php

declare(strict_types=1);

namespace App\Pages\Yards\Season;

use App\Apiary\Hives\JudgedSuper;
use App\Foundation\Units\Formatter;

/** A super that stands on a hive at the end of the season. */
final readonly class StandingSuper
{
    /** A box with less honey goes into store as it is, kg. */
    private const LITTLE_KG = 1.5;

    public string $id;

    public function __construct(private JudgedSuper $super)
    {
        $this->id = $super->id;
    }

    /** Proposed for the store: winter does not need it, and no honey would be put away in it. */
    public function isProposed(): bool
    {
        return ! $this->super->stays && $this->super->seen > 0 && $this->super->honey->kg < self::LITTLE_KG
            || $this->super->isFresh;
    }

    public function name(): string
    {
        return __(':hive :super', ['hive' => $this->super->hive, 'super' => $this->super->name]);
    }

    /** What is in it, and what for. */
    public function holds(Formatter $format): string
    {
        $kg = $format->kg($this->super->honey->kg, 0);

        return match (true) {
            $this->super->isFresh => __('put on empty'),
            $this->super->seen === 0 => __('not inspected'),
            $this->super->mayComeIn() => __('~:kg, ripe', ['kg' => $kg]),
            $this->super->honey->kg < self::LITTLE_KG => __('hardly any honey'),
            $this->super->stays => __('~:kg, stays', ['kg' => $kg]),
            default => __('~:kg', ['kg' => $kg]),
        };
    }
}
