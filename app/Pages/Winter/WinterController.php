<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterNotes;
use App\Apiary\Winter\WinterNotesReader;
use App\Apiary\Winter\WinterReader;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Hive;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class WinterController
{
    public function __construct(
        private YardReader $yards,
        private WinterReader $winter,
        private WinterNotesReader $notes,
        private CurrentOperation $current,
        private WinterBoardReader $boards,
        private WhatIfReader $whatIf,
        private Formatter $format,
    ) {
    }

    public function index(StoresChart $chart): View
    {
        if ($this->yards->areTooManyToDraw()) {
            return view('yards.many', ['stage' => 'winter']);
        }

        return view('winter.index', [
            'apiaries' => $this->yards->apiaries(),
            'boards' => $this->yards->apiaries()->map($this->boards->of(...)),
            'chart' => $chart,
        ]);
    }

    public function show(WhatIfPicture $picture, Apiary $apiary, ?Hive $hive = null): View
    {
        $board = $this->boards->of($apiary);
        $code = $hive->code ?? $board->first();
        $winter = $code === null ? null : $this->open($apiary, $code);

        return view('winter.show', [
            'page' => $this->page($apiary, $board, $winter),
            'bare' => $hive !== null && $winter === null ? $hive->load(['colony', 'colonies']) : null,
            'whatIf' => $winter === null ? null : $this->whatIf->of($apiary, $winter),
            'picture' => $picture,
        ]);
    }

    /** What would be if other boxes stayed: one small part of the page, calculated at once. */
    public function whatIf(Request $request, WhatIfPicture $picture, Apiary $apiary, Hive $hive): View
    {
        $winter = $this->open($apiary, $hive->code) ?? abort(404);
        $given = $request->query('keep');
        $keep = array_values(array_filter(is_array($given) ? $given : [], is_string(...)));
        $data = ['whatIf' => $this->whatIf->of($apiary, $winter, $keep), 'picture' => $picture];
        if ($request->header('HX-Request') === 'true') {
            return view('winter.whatif', $data + ['apiary' => $apiary]);
        }
        $page = $this->page($apiary, $this->boards->of($apiary), $winter);

        return view('winter.show', $data + ['page' => $page, 'bare' => null]);
    }

    private function open(Apiary $apiary, string $code): ?HiveWinter
    {
        $state = $this->yards->hive($apiary, $code);

        return $state === null ? null : $this->winter->one($apiary, $state);
    }

    private function page(Apiary $apiary, WinterBoard $board, ?HiveWinter $winter): WinterPage
    {
        return new WinterPage(
            $apiary,
            $board,
            $this->winter->season($apiary),
            Policy::at($this->current, $apiary),
            $winter,
            $winter === null ? new WinterNotes : $this->notes->one($winter->state->id),
            $winter === null ? [] : $this->winter->storesAhead($apiary, $winter),
            $this->yards->flow($apiary),
            $this->format,
        );
    }
}
