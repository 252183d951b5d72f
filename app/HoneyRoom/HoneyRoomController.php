<?php

declare(strict_types=1);

namespace App\HoneyRoom;

use App\Models\Lot;
use App\Support\CurrentOperation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class HoneyRoomController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function index(Request $request): View
    {
        $yard = $request->query('yard');
        $lots = Lot::query()->whereHas('harvest', fn ($harvest) => $harvest->where('season', '>=', $this->current->season() - 1)
            ->when(is_string($yard), fn ($query) => $query->whereHas('apiary', fn ($apiary) => $apiary->where('slug', $yard))))
            ->with(['buckets', 'harvest.apiary', 'harvest.supers.hive'])->get()->sortByDesc(fn (Lot $lot): string => $lot->harvest->taken_on->format('Y-m-d'))->values();

        return view('honey-room.index', ['lots' => $lots->map(fn (Lot $lot): LotState => LotState::of($lot)), 'yard' => is_string($yard) ? $yard : null, 'season' => $this->current->season()]);
    }

    public function show(Lot $lot): View
    {
        $lot->load(['buckets', 'harvest.apiary', 'harvest.supers.hive', 'harvest.supers.box']);

        return view('honey-room.show', ['state' => LotState::of($lot), 'lot' => $lot, 'chart' => new AllotChart]);
    }
}
