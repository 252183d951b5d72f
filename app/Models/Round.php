<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A plan over all yards: days, drives and visits. Several may stand side by side; one of them is taken into use.
 *
 * @property string $name
 * @property \Illuminate\Support\Carbon $starts_on
 * @property array<string, mixed> $settings
 * @property array{asked_on?: string, days: list<array<string, mixed>>, yards: list<array<string, mixed>>, left?: list<string>, travel: list<list<float>>, kit: array<string, mixed>, depot?: array{float, float}} $task  as it was when it was planned
 * @property list<array{yard: string, hives: int, way: string, first: string, last: string}> $services
 * @property list<array{yard: string, hives: int, way: string, first: string, last: string}> $locks  services that stay
 * @property \Illuminate\Database\Eloquent\Collection<int, ClearPlan> $plans
 */
final class Round extends Record
{
    protected $attributes = ['version' => 1, 'services' => '[]', 'locks' => '[]'];

    protected $casts = ['starts_on' => 'date', 'settings' => 'array', 'task' => 'array', 'services' => 'array', 'locks' => 'array'];

    /** @var array{string, array<string, mixed>}|null the text of the task and what it says */
    private ?array $decoded = null;

    /**
     * It is long and read many times for one page: decoded once.
     *
     * @return array<string, mixed>
     */
    public function getTaskAttribute(string $json): array
    {
        if ($this->decoded === null || $this->decoded[0] !== $json) {
            /** @var array<string, mixed> $task */
            $task = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            $this->decoded = [$json, $task];
        }

        return $this->decoded[1];
    }

    /** @return HasMany<ClearPlan, $this> */
    public function plans(): HasMany
    {
        return $this->hasMany(ClearPlan::class);
    }

    public function label(): string
    {
        return $this->name;
    }

    public function bearsOn(): bool
    {
        return false;
    }
}
