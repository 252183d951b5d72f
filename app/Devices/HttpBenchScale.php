<?php

declare(strict_types=1);

namespace App\Devices;

/** A scale behind a small HTTP endpoint. */
final readonly class HttpBenchScale implements BenchScale
{
    private const MOST_KG = 300.0;

    public function __construct(private string $address)
    {
    }

    public function kg(): float
    {
        $scale = DeviceAddress::entered($this->address, 'scale');
        $given = (new DeviceCall)->json($scale, '/weight') ?? throw new Unreachable(
            __('The scale did not answer. Check that it is on and near, or type the weight.'),
        );
        if (($given['stable'] ?? true) === false) {
            throw new Unreachable(__('The weight is not steady yet. Wait a moment and weigh again.'));
        }
        $kg = $given['kg'] ?? null;
        if (! is_numeric($kg) || (float) $kg < 0.0 || (float) $kg > self::MOST_KG) {
            throw new Unreachable(__('The scale gave an impossible weight. Empty it, set it to zero and weigh again.'));
        }

        return round((float) $kg, 3);
    }
}
