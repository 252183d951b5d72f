<?php

declare(strict_types=1);

namespace App\Desk;

/** One yard in a few figures, for the strip on every page and the season desk. Plain values: it is cached. */
final readonly class YardSummary
{
    /**
     * @param  list<Task>  $tasks
     * @param  array<string, ?float>  $gains  kg a day by date
     */
    public function __construct(
        public string $slug,
        public string $name,
        public int $hives,
        public string $miniature,
        public float $ripeKg,
        public float $ripeSdKg,
        public int $take,
        public int $dry,
        public int $look,
        public int $wait,
        public int $toFeed,
        public float $sugarKg,
        public int $coming,
        public string $flow,
        public string $flowDetail,
        public bool $flowPresumed,
        public array $gains,
        public ?string $offBy,
        public array $tasks,
    ) {
    }

    public function line(): string
    {
        $parts = [];
        if ($this->ripeKg > 0.5) {
            $parts[] = ':ripe';
        }
        if ($this->wait > 0 && $this->ripeKg <= 0.5) {
            $parts[] = __(':n wait', ['n' => $this->wait]);
        }
        if ($this->look > 0) {
            $parts[] = __(':n to look at', ['n' => $this->look]);
        }

        return $parts === [] ? __(':n hives', ['n' => $this->hives]) : implode(' · ', $parts);
    }
}
