<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Operation\CurrentOperation;
use App\Devices\Forecast;
use App\Devices\Unreachable;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\WeatherDay;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The days ahead: from the weather service, or entered by hand, which stands over it. */
final readonly class WeatherController
{
    private const DAYS = 14;

    public function __construct(private CurrentOperation $current, private Forecast $forecast)
    {
    }

    /** Fetches the coming days of all yards; days entered by hand stay. */
    public function fetch(): RedirectResponse
    {
        $from = new DateTimeImmutable($this->current->day());
        $yards = Apiary::query()->get();
        try {
            $found = $yards
                ->mapWithKeys(
                    fn (Apiary $yard): array => [
                        $yard->id => $this->forecast->days(
                            $yard->latitude,
                            $yard->longitude,
                            array_values($yard->climate),
                            $from,
                            self::DAYS,
                        ),
                    ],
                )
                ->all();
        } catch (Unreachable $silence) {
            throw ValidationException::withMessages(['forecast' => $silence->getMessage()]);
        }
        foreach ($found as $yard => $days) {
            $known = WeatherDay::query()
                ->where('apiary_id', $yard)
                ->where('date', '>=', $from->format('Y-m-d'))
                ->get()
                ->keyBy(fn (WeatherDay $day): string => $day->date->format('Y-m-d'))
                ->all();
            foreach ($days as $day) {
                $old = $known[$day['date']] ?? null;
                if ($old === null) {
                    WeatherDay::query()->create(['apiary_id' => $yard, 'source' => 'forecast'] + $day);
                } elseif ($old->source !== WeatherDay::OWN) {
                    $old->fill(['source' => 'forecast'] + $day);
                    $old->isDirty() ? $old->save() : $old->touch();
                }
            }
        }

        return Saved::at(
            url()->previous(route('clear.index')),
            trans_choice(
                '{1} The forecast of :count yard is fetched.|[2,*] The forecast of :count yards is fetched.',
                count($found),
            ),
        );
    }

    public function store(Request $request, Apiary $apiary, Formatter $f): RedirectResponse
    {
        $values = $request->validate(
            [
                'date' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
                'min' => ['required', 'numeric'],
                'max' => ['required', 'numeric', 'gte:min'],
                'rain' => ['required', 'numeric', 'between:0,100'],
                'sun' => ['required', 'numeric', 'between:0,100'],
            ],
            ['max.gte' => __('The highest temperature must not be below the lowest.')],
        );
        $celsius = [
            'min_c' => round($f->temperatureToC((float) $values['min']), 1),
            'max_c' => round($f->temperatureToC((float) $values['max']), 1),
        ];
        foreach ($celsius as $key => $value) {
            if ($value < -40.0 || $value > 55.0) {
                throw ValidationException::withMessages([
                    substr($key, 0, 3) => __(':value is outside the possible range (:lo to :hi).', [
                        'value' => $f->celsius($value),
                        'lo' => $f->celsius(-40.0),
                        'hi' => $f->celsius(55.0),
                    ]),
                ]);
            }
        }
        $day =
            [
                'source' => WeatherDay::OWN,
                'rain_p' => round((float) $values['rain'] / 100.0, 3),
                'sun' => round((float) $values['sun'] / 100.0, 3),
            ] + $celsius;
        $known = WeatherDay::query()->where('apiary_id', $apiary->id)->where('date', $values['date'])->first();
        $known === null
            ? WeatherDay::query()->create(['apiary_id' => $apiary->id, 'date' => $values['date']] + $day)
            : $known->update($day);

        return Saved::at(route('clear.yard', $apiary->slug), __('Your day replaces the forecast.'));
    }

    public function destroy(WeatherDay $weatherDay): RedirectResponse
    {
        $weatherDay->delete();
        $yard = Apiary::query()->whereKey($weatherDay->apiary_id)->firstOrFail();

        return Saved::at(route('clear.yard', $yard->slug), __('Your day is removed. Fetch the forecast again for that day.'));
    }
}
