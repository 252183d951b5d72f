<?php

declare(strict_types=1);

namespace App\Transfer;

use RuntimeException;

/** What is to be read in is not what it should be; the message says where. */
final class Unreadable extends RuntimeException
{
    public static function because(string $why): self
    {
        return new self($why);
    }

    public function at(string $where): self
    {
        return new self("$where: ".$this->getMessage());
    }
}
