<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** Gives the frame of every page its season ribbon, stage figures and yard strip. */
final readonly class PageComposer
{
    public function __construct(
        private SummaryReader $summaries,
        private Ribbon $ribbon,
        private StageLinks $links,
        private Formatter $format,
        private CurrentOperation $current,
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
            'browser' => $this->browser(),
        ]);
    }

    /** The person and operation whose unsent entries this browser holds, as for the field sheet; empty for a viewer. */
    private function browser(): string
    {
        $person = Auth::user();
        $may = $person !== null && Gate::allows('record');

        return $may ? (string) json_encode(['user' => $person->id, 'operation' => $this->current->id()]) : '';
    }
}
