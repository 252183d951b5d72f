<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Weather\DaysAhead;
use App\Models\Apiary;
use Illuminate\Contracts\View\View;

final readonly class ClearController
{
    public function __construct(
        private YardReader $yards,
        private ClearReader $clear,
        private CurrentOperation $current,
    ) {
    }

    public function index(FollowUps $followUps, MethodChart $chart): View
    {
        if ($this->yards->areTooManyToDraw()) {
            return view('yards.many', ['stage' => 'clear', 'after' => $followUps->open()]);
        }
        $clearings = $this->yards->apiaries()->map($this->clear->of(...));

        return view('clear.index', [
            'page' => new ClearPage(array_values($clearings->all()), $chart),
            'after' => $followUps->open(),
        ]);
    }

    public function show(Apiary $apiary, MethodChart $chart): View
    {

        return view('clear.show', [
            'clearing' => $clearing = $this->clear->of($apiary),
            'chart' => $clearing->isEmpty() ? null : $chart->of($clearing),
            'ahead' => DaysAhead::of($apiary, $this->current->today()),
            'preferred' => Policy::at($this->current, $apiary)->clearing,
            'crew' => $this->current->get()->crew,
        ]);
    }
}
