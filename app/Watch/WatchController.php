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
    private const SIGNS = 12;

    private const WEIGHTS = 8;

    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
        private FlowChart $chart,
    ) {
    }

    public function index(): View
    {
        $yards = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $flow = $this->yards->flow($apiary);
            $yards[] = new WatchedYard($apiary, $flow, $this->chart->of($flow, 110.0));
        }

        return view('watch.index', ['yards' => $yards]);
    }

    public function show(Apiary $apiary): View
    {
        $until = $this->current->now()->setTimezone(new DateTimeZone('UTC'));
        $flow = $this->yards->flow($apiary);
        $hives = array_flip($this->yards->hiveIds($apiary));

        return view('watch.show', [
            'watched' => new WatchedYard($apiary, $flow, $this->chart->of($flow)),
            'zone' => $this->current->get()->time_zone,
            'signs' => FlowSign::query()
                ->where('apiary_id', $apiary->id)
                ->where('seen_at', '<=', $until)
                ->latest('seen_at')
                ->limit(self::SIGNS)
                ->get(),
            'weights' => ScaleWeight::query()
                ->where('apiary_id', $apiary->id)
                ->where('at', '<=', $until)
                ->latest('at')
                ->limit(self::WEIGHTS)
                ->get(),
            'hives' => $hives,
            'scaleHive' => $flow->scaleHive ?? array_key_first($hives),
            'now' => $this->current->now(),
        ]);
    }
}
