<?php

declare(strict_types=1);

namespace App\Pages\Yards\Story;

use DateTimeImmutable;

/** What a hive has seen in the last fourteen months, in lanes by kind, and what it gave by season. */
final readonly class HiveStory
{
    /**
     * @param  array<string, list<StoryMark>>  $lanes  by what they are of, in the order of the drawing; none is empty
     * @param  list<array{DateTimeImmutable, DateTimeImmutable}>  $supers  from when until when each stood on it
     * @param  array<int, float>  $kgBySeason  newest first
     */
    public function __construct(
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public array $lanes,
        public array $supers,
        public array $kgBySeason,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->lanes === [] && $this->supers === [] && $this->kgBySeason === [];
    }
}
