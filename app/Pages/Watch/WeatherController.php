<?php

declare(strict_types=1);

namespace App\Pages\Watch;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Weather\NearYards;
use App\Apiary\Weather\WeatherAhead;
use App\Devices\Forecast;
use App\Devices\Unreachable;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\WeatherDay;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
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

    /** One day, for a yard and all that lie near it; what is left out is as it was known, or as the climate has it. */
    public function store(Request $request, NearYards $near, Formatter $f): RedirectResponse
    {
        $values = $request->validate(
            [
                'yard' => ['required', 'string', Rule::exists('apiaries', 'slug')
                    ->where('operation_id', $this->current->get()->id)
                    ->whereNull('deleted_at')],
                'alone' => ['nullable', 'boolean'],
                'date' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
                'min' => ['nullable', 'required_with:max', 'numeric'],
                'max' => ['nullable', 'required_with:min', 'numeric', 'gte:min'],
                'rain' => ['required', 'numeric', 'between:0,100'],
                'sun' => ['nullable', 'numeric', 'between:0,100'],
            ],
            ['max.gte' => __('The highest temperature must not be below the lowest.')],
        );
        $yard = Apiary::query()->where('slug', $values['yard'])->firstOrFail();
        $yards = (bool) ($values['alone'] ?? false) ? [$yard] : $near->of($yard);
        $date = new DateTimeImmutable($values['date']);
        foreach (WeatherAhead::of($yards, [$date]) as $yardId => [$known]) {
            self::keep((string) $yardId, $values['date'], [
                'source' => WeatherDay::OWN,
                'rain_p' => round((float) $values['rain'] / 100.0, 3),
                'sun' => isset($values['sun']) ? round((float) $values['sun'] / 100.0, 3) : $known->weather->sun,
            ] + (isset($values['min'], $values['max']) ? self::celsius($values, $f) : [
                'min_c' => $known->weather->minC,
                'max_c' => $known->weather->maxC,
            ]));
        }

        return Saved::at(url()->previous(route('clear.yard', $yard->slug)), trans_choice(
            '{1} Your day replaces the forecast.|[2,*] Your day replaces the forecast of :count yards.',
            count($yards),
        ));
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, float>
     */
    private static function celsius(array $values, Formatter $f): array
    {
        $celsius = [];
        foreach (['min', 'max'] as $key) {
            $given = $values[$key];
            $value = round($f->temperatureToC(is_numeric($given) ? (float) $given : 0.0), 1);
            if ($value < -40.0 || $value > 55.0) {
                throw ValidationException::withMessages([
                    $key => __(':value is outside the possible range (:lo to :hi).', [
                        'value' => $f->celsius($value),
                        'lo' => $f->celsius(-40.0),
                        'hi' => $f->celsius(55.0),
                    ]),
                ]);
            }
            $celsius[$key.'_c'] = $value;
        }

        return $celsius;
    }

    /** @param  array<string, float|string>  $day */
    private static function keep(string $yardId, string $date, array $day): void
    {
        $known = WeatherDay::query()->where('apiary_id', $yardId)->where('date', $date)->first();
        $known === null
            ? WeatherDay::query()->create(['apiary_id' => $yardId, 'date' => $date] + $day)
            : $known->update($day);
    }

    public function destroy(WeatherDay $weatherDay): RedirectResponse
    {
        $weatherDay->delete();
        $yard = Apiary::query()->whereKey($weatherDay->apiary_id)->firstOrFail();

        return Saved::at(route('clear.yard', $yard->slug), __('Your day is removed. Fetch the forecast again for that day.'));
    }
}
