<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Sheets\Csv;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Bloom;
use App\Models\FlowSign;
use App\Models\HiveScale;
use App\Models\ScaleWeight;
use App\Pages\Watch\Blooms\BloomCalendar;
use App\Pages\Watch\Blooms\Plants;
use App\Pages\Watch\Chart\Span;
use App\Pages\Watch\Chart\WatchedReader;
use App\Pages\Watch\Chart\WatchPicture;
use App\Pages\Watch\Chart\Window;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class WatchController
{
    private const SIGNS = 12;

    private const WEIGHTS = 8;

    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
    ) {
    }

    public function index(FlowChart $chart): View
    {
        $yards = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $flow = $this->yards->flow($apiary);
            $yards[] = new WatchedYard($apiary, $flow, $chart->of($flow, 110.0));
        }

        return view('watch.index', ['yards' => $yards]);
    }

    public function show(
        Request $request,
        Apiary $apiary,
        WatchedReader $reader,
        WatchPicture $picture,
        BloomCalendar $calendar,
    ): View {
        $until = $this->current->utc();
        $window = $this->window($request);
        $watched = $reader->read($apiary, $window);
        $hives = array_flip($this->yards->hiveIds($apiary));
        $own = Bloom::query()->distinct()->orderBy('plant')->pluck('plant')->all();

        return view('watch.show', [
            'apiary' => $apiary,
            'page' => new YardWatch($watched, $hives),
            'picture' => $watched->isEmpty() ? null : $picture->of($watched),
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
            'scales' => HiveScale::query()->where('apiary_id', $apiary->id)->with('hive')->orderBy('name')->get(),
            'usual' => $calendar->of($apiary),
            'plants' => Plants::of($apiary->latitude, $apiary->climate_source, array_values($own)),
            'now' => $this->current->now(),
        ]);
    }

    /** What the chart shows as a file; in the reader's unit. */
    public function days(Request $request, Apiary $apiary, WatchedReader $reader, Formatter $format): StreamedResponse
    {
        $page = new YardWatch($reader->read($apiary, $this->window($request)), []);
        $rows = [['date', 'gain_'.$format->massUnit(), 'strong', 'slow', 'over', 'flight']];
        foreach ($page->days() as $day) {
            $rows[] = [
                $day->day->format('Y-m-d'),
                $day->gainKg === null ? null : round($format->massValue($day->gainKg), 3),
                $day->state === null ? null : round($day->state->p->strong, 4),
                $day->state === null ? null : round($day->state->p->slow, 4),
                $day->state === null ? null : round($day->state->p->over, 4),
                $day->flight === null ? null : round($day->flight, 3),
            ];
        }

        return Csv::download("marjoram-$apiary->slug-days.csv", $rows);
    }

    /** The window in the address, otherwise the month around today. */
    private function window(Request $request): Window
    {
        $span = $request->query('span');
        $on = $request->query('on');
        $today = $this->current->today();
        $day = is_string($on) ? DateTimeImmutable::createFromFormat('!Y-m-d', $on, $today->getTimezone()) : false;
        $isDay = $day !== false && $day->format('Y-m-d') === $on && $on > '1990' && $on < '2200';

        return Window::about(
            $isDay ? $day : $today,
            (is_string($span) ? Span::tryFrom($span) : null) ?? Span::Month,
            $this->current->get()->latitude < 0,
        );
    }
}
