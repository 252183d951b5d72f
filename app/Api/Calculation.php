<?php

declare(strict_types=1);

namespace App\Api;

use Marjoram\Core\InvalidInput;

/** One computation of the core behind the door for programs. Its input has passed its schema. */
interface Calculation
{
    /**
     * @param  array<string, mixed>  $in
     * @return array<string, mixed>
     *
     * @throws InvalidInput when values contradict each other
     */
    public function run(array $in): array;
}
