<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Models\ColonyFact;
use App\Models\Hive;
use DateTimeImmutable;

/** What happened to the bees of a hive: moved, split, swarmed, given a queen. */
final readonly class HiveFact
{
    public function __construct(public DateTimeImmutable $on, public string $words)
    {
    }

    /** @return list<self> the newest first */
    public static function of(string $code): array
    {
        $hive = Hive::query()->where('code', $code)->value('id');
        $facts = ColonyFact::query()->where('hive_id', $hive)->with('queen')->orderByDesc('happened_on')->get();

        return array_values($facts->map(static fn (ColonyFact $one): self => new self(
            DateTimeImmutable::createFromInterface($one->happened_on),
            trim($one->words().' '.($one->kind === 'requeened' ? (string) $one->queen?->code : (string) $one->note)),
        ))->all());
    }
}
