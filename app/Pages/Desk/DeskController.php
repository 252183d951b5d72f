<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Apiary\Operation\CurrentOperation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class DeskController
{
    public function __construct(
        private SummaryReader $summaries,
        private CurrentOperation $current,
        private DeskDrawing $drawing,
    ) {
    }

    public function __invoke(): View|RedirectResponse
    {
        $summary = $this->summaries->read();
        if ($summary->yards === []) {
            return redirect()->route('yards.index');
        }

        return view('desk.show', [
            'desk' => $summary,
            'drawing' => $this->drawing->of($summary),
            'today' => $this->current->today(),
        ]);
    }
}
