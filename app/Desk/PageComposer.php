<?php

declare(strict_types=1);

namespace App\Desk;

use App\Support\Units\Formatter;
use Illuminate\View\View;

/** Gives the frame of every page its season ribbon, stage figures and yard strip. */
final readonly class PageComposer
{
    public function __construct(
        private SummaryReader $summaries,
        private Ribbon $ribbon,
        private StageLinks $links,
        private Formatter $format,
    ) {
    }

    public function compose(View $view): void
    {
        $summary = $this->summaries->read();
        $shown = fn (Figure $figure): string => $figure->shown($this->format);
        $view->with([
            'summary' => $summary,
            'ribbon' => $this->ribbon->of($summary),
            'figures' => array_map($shown, $summary->figures),
            'stages' => StageLinks::names(),
            'strip' => $this->links,
        ]);
    }
}
