<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Overview\Task;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** One yard in a few figures, for the strip on every page and the season desk. Plain values, since it is cached. */
final readonly class YardSummary
{
    /** Masses below this are not shown, kg. */
    private const LEAST_KG = 0.5;

    /**
     * @param  int  $coming  supers that may come in
     * @param  int  $toFeed  hives
     * @param  int  $storesUnknown  hives whose stores nobody has looked at
     * @param  ?DateTimeImmutable  $offBy  for treatment
     * @param  list<Task>  $tasks
     */
    public function __construct(
        public string $slug,
        public string $name,
        public int $hives,
        public Picture $miniature,
        public float $ripeKg,
        public int $take,
        public int $dry,
        public int $look,
        public int $wait,
        public int $toFeed,
        public int $storesUnknown,
        public float $sugarKg,
        public int $coming,
        public FlowSummary $flow,
        public ?DateTimeImmutable $offBy,
        public array $tasks,
    ) {
    }

    public function line(Formatter $format): string
    {
        $isRipe = $this->ripeKg > self::LEAST_KG;
        $parts = [];
        if ($isRipe) {
            $parts[] = __('~:kg ripe', ['kg' => $format->kg($this->ripeKg, 0)]);
        } elseif ($this->wait > 0) {
            $parts[] = __(':n wait', ['n' => $this->wait]);
        }
        if ($this->look > 0) {
            $parts[] = __(':n to inspect', ['n' => $this->look]);
        }

        return $parts === [] ? trans_choice(':count hive|:count hives', $this->hives) : implode(' · ', $parts);
    }

    public function next(): string
    {
        $words = array_map(static fn (Task $task): string => $task->words, $this->tasks);

        return implode('; ', $words) ?: '–';
    }
}
