<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use Marjoram\Core\InvalidInput;

/** What a beekeeper sees that tells whether the flow is over, with its likelihood ratio (common practice). */
enum Sign: string
{
    case MainBloom = 'main-bloom';
    case RobbingTest = 'robbing-test';
    case EatingCapped = 'eating-capped';
    case NewWax = 'new-wax';
    case Shake = 'shake';

    /** @return array<string, float> result => likelihood ratio of "over" to "not over" */
    public function results(): array
    {
        return match ($this) {
            self::MainBloom => ['finished' => 6.0, 'on' => 0.15],
            self::RobbingTest => ['robbed' => 8.0, 'ignored' => 0.2],
            self::EatingCapped => ['seen' => 6.0],
            self::NewWax => ['seen' => 0.3],
            self::Shake => ['nectar' => 0.35],
        };
    }

    /** @throws InvalidInput when the sign has no such result */
    public function likelihoodRatio(string $result): float
    {
        return $this->results()[$result] ??
            throw InvalidInput::unknown('The result', $result, implode(', ', array_keys($this->results())), '/result');
    }
}
