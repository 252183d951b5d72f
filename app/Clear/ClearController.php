<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Apiary;
use App\Models\WeatherDay;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\YardPicture;
use App\YardState\YardReader;
use App\YardState\YardState;
use Illuminate\Contracts\View\View;

final readonly class ClearController
{
    public function __construct(
        private YardReader $yards,
        private ClearReader $clear,
        private CurrentOperation $current,
    ) {
    }

    public function index(): View
    {
        if ($this->yards->apiaries()->count() > YardReader::DRAWN_AT_ONCE) {
            return view('yards.many', ['stage' => 'clear']);
        }

        return view('clear.index', [
            'clearings' => array_map(
                fn (YardState $yard): YardClearing => $this->clear->read($yard),
                $this->yards->all(),
            ),
            'chart' => new MethodChart,
        ]);
    }

    public function show(Apiary $apiary): View
    {
        return view('clear.show', [
            'clearing' => $this->clear->read($this->yards->one($apiary)),
            'chart' => new MethodChart,
            'picture' => new YardPicture(new \App\Drawing\Elevation(0.11)),
            'days' => WeatherDay::query()
                ->where('apiary_id', $apiary->id)
                ->where('date', '>=', $this->current->today()->format('Y-m-d'))
                ->orderBy('date')
                ->limit(21)
                ->get(),
            'today' => $this->current->today(),
            'preferred' => Policy::at($this->current, $apiary)->text('clearing'),
            'crew' => $this->current->get()->crew,
        ]);
    }
}
