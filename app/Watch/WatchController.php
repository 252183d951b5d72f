<?php

declare(strict_types=1);

namespace App\Watch;

use App\Models\Apiary;
use App\Models\FlowSign;
use App\Models\ScaleWeight;
use App\Operation\CurrentOperation;
use App\YardState\YardReader;
use DateTimeZone;
use Illuminate\Contracts\View\View;

final readonly class WatchController
{
    public function __construct(
        private YardReader $yards,
        private \App\YardState\Flow\FlowReader $flows,
        private CurrentOperation $current,
    ) {
    }

    public function index(): View
    {
        $apiaries = $this->yards->apiaries();

        return view('watch.index', [
            'apiaries' => $apiaries,
            'flows' => $this->flows->read($apiaries),
            'chart' => new FlowChart,
        ]);
    }

    public function show(Apiary $apiary): View
    {
        $until = $this->current->now()->setTimezone(new DateTimeZone('UTC'));

        return view('watch.show', [
            'apiary' => $apiary,
            'flow' => $this->flows->read($this->yards->apiaries())[$apiary->id],
            'chart' => new FlowChart,
            'zone' => $this->current->get()->time_zone,
            'signs' => FlowSign::query()
                ->where('apiary_id', $apiary->id)
                ->where('seen_at', '<=', $until)
                ->latest('seen_at')
                ->limit(12)
                ->get(),
            'weights' => ScaleWeight::query()
                ->where('apiary_id', $apiary->id)
                ->where('at', '<=', $until)
                ->latest('at')
                ->limit(8)
                ->get(),
            'now' => $this->current->now(),
        ]);
    }
}
