<?php

declare(strict_types=1);

namespace App\Foundation\Access;

use LogicException;

/** The operation whose records this request sees; records of others are not found. */
final class Tenant
{
    private ?string $id = null;

    public function enter(string $operationId): void
    {
        $this->id = $operationId;
    }

    public function leave(): void
    {
        $this->id = null;
    }

    /** Null where no operation was entered: then no record exists. */
    public function id(): ?string
    {
        return $this->id;
    }

    /** @throws LogicException when no operation was entered */
    public function mustBe(): string
    {
        return $this->id ?? throw new LogicException('No operation has been entered.');
    }
}
