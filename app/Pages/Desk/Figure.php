<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** What stands under the name of a stage, put into the reader's units when it is shown. */
final readonly class Figure
{
    /**
     * @param  string  $words  by the number "n" of the counts, where there is one
     * @param  array<string, int>  $counts
     */
    public function __construct(
        private string $words,
        private array $counts = [],
        private ?DateTimeImmutable $day = null,
        private ?float $kg = null,
    ) {
    }

    public function shown(Formatter $format): string
    {
        return trans_choice($this->words, $this->counts['n'] ?? 0, $this->counts + [
            'day' => $format->day($this->day),
            'kg' => $format->kg($this->kg, 0),
        ]);
    }
}
