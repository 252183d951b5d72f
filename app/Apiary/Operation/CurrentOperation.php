<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Access\Tenant;
use App\Models\Operation;
use App\Models\Role;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use LogicException;

/** The operation of this request and the role of the person in it. Records of others do not exist for them. */
final class CurrentOperation
{
    private ?Operation $operation = null;

    private ?Role $role = null;

    private int $timesEntered = 0;

    private ?DateTimeZone $zone = null;

    private ?DateTimeImmutable $moment = null;

    private string $supposed = '';

    public function __construct(private readonly Tenant $tenant)
    {
    }

    public function enter(Operation $operation, ?Role $role): void
    {
        $this->tenant->enter($operation->id);
        $this->timesEntered++;
        $this->operation = $operation;
        $this->role = $role;
    }

    /**
     * What would be if the operation had chosen otherwise; nothing is saved.
     *
     * @template T
     *
     * @param  array<string, mixed>  $choices  of a policy
     * @param  Closure(): T  $do
     * @return T
     */
    public function supposing(array $choices, Closure $do): mixed
    {
        $real = $this->get();
        $supposed = clone $real;
        $supposed->policy = $choices + $real->policy;
        $this->operation = $supposed;
        $this->supposed = '.if.'.md5(serialize($choices));
        $this->timesEntered++;
        try {
            return $do();
        } finally {
            $this->operation = $real;
            $this->supposed = '';
            $this->timesEntered++;
        }
    }

    /** Names what is supposed, as a part of a key; empty where nothing is. */
    public function supposed(): string
    {
        return $this->supposed;
    }

    public function leave(): void
    {
        $this->tenant->leave();
        $this->operation = null;
        $this->role = null;
    }

    /** Number of operations entered by this process so far; what was read at a lower number may be old. */
    public function timesEntered(): int
    {
        return $this->timesEntered;
    }

    public function id(): ?string
    {
        return $this->operation?->id;
    }

    public function get(): Operation
    {
        return $this->operation ?? throw new LogicException('No operation has been entered.');
    }

    public function role(): ?Role
    {
        return $this->role;
    }

    /**
     * Sets the clock to that moment: notes made without a network are dated when they were made.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public function asOf(DateTimeImmutable $moment, Closure $do): mixed
    {
        $before = $this->moment;
        $this->moment = $moment;
        try {
            return $do();
        } finally {
            $this->moment = $before;
        }
    }

    /** Now where the operation is; a demo's day is fixed, its hour is not. */
    public function now(): DateTimeImmutable
    {
        if ($this->moment !== null) {
            return $this->moment;
        }
        $operation = $this->get();
        if ($this->zone?->getName() !== $operation->time_zone) {
            $this->zone = new DateTimeZone($operation->time_zone);
        }
        // Asked for hundreds of times a page: the column as it stands, not a date object of its own each time.
        $fixed = $operation->getAttributes()['demo_today'] ?? null;

        return is_string($fixed)
            ? new DateTimeImmutable(substr($fixed, 0, 10).' 19:42', $this->zone)
            : new DateTimeImmutable('now', $this->zone);
    }

    /** Now, as moments are stored: in UTC. */
    public function utc(): DateTimeImmutable
    {
        return $this->now()->setTimezone(new DateTimeZone('UTC'));
    }

    public function today(): DateTimeImmutable
    {
        return $this->now()->setTime(0, 0);
    }

    /** Today as days are stored and sent: Y-m-d. */
    public function day(): string
    {
        return $this->now()->format('Y-m-d');
    }

    /** The first day that can still be planned: after noon today is too far gone. */
    public function firstDayAhead(): DateTimeImmutable
    {
        return $this->today()->modify((int) $this->now()->format('G') >= 12 ? '+1 day' : '+0 days');
    }

    /** The season is named by the year of the main flow: in the south, from July on, next year's. */
    public function season(): int
    {
        return \App\Foundation\Places\SeasonCalendar::seasonOf($this->today(), $this->get()->latitude < 0);
    }
}
