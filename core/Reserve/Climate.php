<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;

/**
 * A named climate: monthly means with their spread from year to year. The presets are from memory (see the data file).
 */
final readonly class Climate
{
    /** @param  list<float>  $monthlyMeanC  January first */
    private function __construct(
        public string $key,
        public string $name,
        public array $monthlyMeanC,
        public float $sdC,
    ) {
    }

    /** @return array<array-key, self> by key */
    public static function presets(): array
    {
        /** @var array<string, array{string, list<float>, float}> $data */
        $data = require __DIR__.'/data/climates.php';
        $presets = [];
        foreach ($data as $key => [$name, $means, $sd]) {
            $presets[$key] = new self((string) $key, $name, $means, $sd);
        }

        return $presets;
    }

    /** @throws InvalidInput when there is no preset of this key */
    public static function preset(string $key): self
    {
        return self::presets()[$key] ??
            throw InvalidInput::unknown('The climate', $key, implode(', ', array_keys(self::presets())), '/climate');
    }
}
