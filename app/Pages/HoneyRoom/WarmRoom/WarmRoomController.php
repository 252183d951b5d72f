<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Apiary\Harvest\Journey;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\HoneyUse;
use App\Models\Instrument;
use App\Models\RoomAirReading;
use App\Models\Station;
use App\Models\TakenSuper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The warm, dry room: its air, what stands in it, and when that is dry enough. */
final readonly class WarmRoomController
{
    public function __construct(private CurrentOperation $current, private Journey $journey)
    {
    }

    public function show(
        Request $request,
        DryingReader $reader,
        DryingChart $chart,
        StackPicture $picture,
    ): View {
        $asked = $request->query('humidity');
        $humidity = is_numeric($asked) ? max(20.0, min(80.0, (float) $asked)) : null;
        $stacks = $reader->read($humidity);

        return view('honey-room.warm', [
            'stacks' => $stacks,
            'charts' => array_map($chart->of(...), $stacks),
            'pictures' => array_map($picture->of(...), $stacks),
            'air' => $reader->airNow(),
            'instruments' => Instrument::query()->whereNotNull('address')->orderBy('name')->get(),
            'sensor' => $this->current->get()->room_sensor !== null,
            'zone' => $this->current->get()->time_zone,
            'humidity' => $humidity,
            'waiting' => TakenSuper::query()
                ->where('station', Station::Door)
                ->where('used_for', HoneyUse::Extract)
                ->with(['hive', 'box', 'readings'])
                ->orderBy('id')
                ->get(),
        ]);
    }

    /** Supers go in to dry or warm, or come out. */
    public function move(MoveSupersRequest $request): RedirectResponse
    {
        $supers = $this->journey->hold($request->ids());
        $this->journey->move($supers, $request->station());
        if ($supers->count() < count($request->ids())) {
            throw ValidationException::withMessages(['supers' => __('One of these supers is no longer here.')]);
        }
        $words = $request->station() === Station::Dry
            ? '{1} :count stands in the warm room.|[2,*] :count stand in the warm room.'
            : '{1} :count is out of it.|[2,*] :count are out of it.';

        return Saved::at(route('honey-room.warm'), trans_choice($words, $supers->count()));
    }

    public function air(AirRequest $request, Formatter $format): RedirectResponse
    {
        $air = RoomAirReading::query()->create([
            'celsius' => $request->celsius('celsius'),
            'humidity_pct' => $request->float('humidity'),
            'source' => 'typed',
            'read_at' => $this->current->utc(),
        ]);

        return $this->noted($air, $format);
    }

    public function sensor(ReadRoom $room, Formatter $format): RedirectResponse
    {
        return $this->noted($room->read($this->current->get(), $this->current->utc()), $format);
    }

    public function reading(
        WaterRequest $request,
        Formatter $format,
        TakenSuper $super,
    ): RedirectResponse {
        $super->claim(null)->load('box');
        if (! $super->station->isFull()) {
            throw ValidationException::withMessages(['water' => __(':mark is :where. It cannot be read here.', [
                'mark' => $super->name(),
                'where' => $super->station->words(),
            ])]);
        }
        $water = $request->water();
        $super->readings()->create(['water_pct' => $water, 'read_at' => $this->current->utc()]);

        return Saved::at(route('honey-room.warm'), __(':mark reads :water.', [
            'mark' => $super->name(),
            'water' => $format->water($water),
        ]));
    }

    private function noted(RoomAirReading $air, Formatter $format): RedirectResponse
    {
        return Saved::at(route('honey-room.warm'), __('The room: :c, :h %.', [
            'c' => $format->celsius($air->celsius),
            'h' => round($air->humidity_pct),
        ]));
    }
}
