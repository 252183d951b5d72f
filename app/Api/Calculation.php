<?php

declare(strict_types=1);

namespace App\Api;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;

/** One computation of the core behind the door for programs. Its input has passed its schema. */
interface Calculation
{
    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when values contradict each other
     */
    public function run(Fields $input): array;
}
