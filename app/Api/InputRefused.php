<?php

declare(strict_types=1);

namespace App\Api;

use RuntimeException;

/** Input that was not accepted: what, where (JSON pointer), what is allowed. */
final class InputRefused extends RuntimeException
{
    public function __construct(string $message, public readonly string $pointer, public readonly string $allowed)
    {
        parent::__construct($message);
    }

    /** @return array{error: array{message: string, pointer: string, allowed: string}} */
    public function toArray(): array
    {
        return [
            'error' => ['message' => $this->getMessage(), 'pointer' => $this->pointer, 'allowed' => $this->allowed],
        ];
    }
}
