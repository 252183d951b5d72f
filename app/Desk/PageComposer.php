<?php

declare(strict_types=1);

namespace App\Desk;

use App\Operation\CurrentOperation;
use App\Support\Units\Formatter;
use DateTimeImmutable;
use Illuminate\View\View;

/** Gives the frame of every page its season ribbon, stage figures and yard strip. */
final readonly class PageComposer
{
    public const STAGES = [
        'watch' => 'Watch',
        'assess' => 'Assess',
        'winter' => 'Winter share',
        'clear' => 'Clear',
        'honey-room' => 'Honey room',
        'compare' => 'Compare',
    ];

    public function __construct(
        private CurrentOperation $current,
        private SummaryReader $summaries,
        private Formatter $format,
    ) {
    }

    public function compose(View $view): void
    {
        $summary = $this->summaries->read();
        $view
            ->with('summary', $summary)
            ->with('ribbon', (new Ribbon($this->current, $this->format))->svg($summary))
            ->with('figures', array_map($this->figure(...), $summary->figures))
            ->with('stages', self::STAGES);
    }

    /** @param  array{string, array<string, string|int|float>}  $figure */
    private function figure(array $figure): string
    {
        [$words, $values] = $figure;
        if (isset($values['day'])) {
            $values['day'] = $this->format->day(new DateTimeImmutable((string) $values['day']));
        }
        if (isset($values['kg'])) {
            $values['kg'] = $this->format->kg((float) $values['kg'], 0);
        }

        return __($words, array_map(strval(...), $values));
    }
}
