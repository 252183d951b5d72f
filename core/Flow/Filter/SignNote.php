<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use Marjoram\Core\Flow\Sign;

/** A sign noted on a day, with its weight: the same sign soon after adds little. */
final readonly class SignNote
{
    /** Signs are not independent of the scale. */
    private const COUNTS = 0.5;

    /** Likelihoods before, in a slow and in a strong flow, and after it (common practice). */
    private const CHANCES = [
        'main-bloom' => ['finished' => [0.05, 0.25, 0.08, 0.75], 'on' => [0.30, 0.60, 0.85, 0.12]],
        'robbing-test' => ['robbed' => [0.50, 0.25, 0.06, 0.75], 'ignored' => [0.45, 0.70, 0.90, 0.20]],
        'eating-capped' => ['seen' => [0.20, 0.12, 0.04, 0.40]],
        'new-wax' => ['seen' => [0.12, 0.35, 0.70, 0.12]],
        'shake' => ['nectar' => [0.20, 0.60, 0.85, 0.22]],
    ];

    public function __construct(public Sign $sign, public string $result, public int $day, public float $counts = 1.0)
    {
    }

    public function weightOf(int $level): float
    {
        return self::chances($this->sign)[$this->result][self::word($level)] ** (self::COUNTS * $this->counts);
    }

    /** @return array<string, array{float, float, float, float}> by result */
    public static function chances(Sign $sign): array
    {
        return self::CHANCES[$sign->value];
    }

    /** Before, slow, strong, over. */
    public static function word(int $level): int
    {
        return match (true) {
            $level === States::BEFORE => 0,
            $level <= 2 => 1,
            $level < States::OVER => 2,
            default => 3,
        };
    }

    /**
     * Sorts signs by day; a repeated sign counts by the days since the last of its kind.
     *
     * @param  list<self>  $notes
     * @return list<self>
     */
    public static function weighed(array $notes): array
    {
        usort($notes, static fn (self $a, self $b): int => [$a->day, $a->sign->value, $a->result]
            <=> [$b->day, $b->sign->value, $b->result]);
        $last = [];
        $weighed = [];
        foreach ($notes as $one) {
            $before = $last[$one->sign->value] ?? null;
            $counts = $before !== null && $before->result === $one->result
                ? 1.0 - exp(-($one->day - $before->day) / 10.0)
                : 1.0;
            $weighed[] = $last[$one->sign->value] = new self($one->sign, $one->result, $one->day, $counts);
        }

        return $weighed;
    }
}
