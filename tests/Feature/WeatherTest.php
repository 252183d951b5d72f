<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\DeviceAddress;
use App\Devices\DeviceCall;
use App\Devices\Unreachable;
use App\Models\Apiary;
use App\Models\WeatherDay;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** The forecast from the stand-in over its endpoint, own days over it, and what is said where there is none. */
final class WeatherTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_the_stand_in_is_fetched_and_own_days_stay(): void
    {
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $this->send('POST', '/clear/weather', ['yard' => 'ekbacken',
            'date' => '2026-08-06',
            'min' => '12',
            'max' => '31',
            'rain' => '5',
            'sun' => '90',
        ])->assertStatus(303);
        $port = random_int(21000, 29000);
        $device = new Process(
            [(new PhpExecutableFinder)->find() ?: 'php', 'artisan', 'device:weather', "--port=$port", '--answers=20'],
            dirname(__DIR__, 2),
        );
        $device->start();
        try {
            for ($try = 0; $try < 100 && ! str_contains($device->getOutput(), 'answers'); $try++) {
                usleep(50_000);
            }
            config(['devices.weather' => "http://127.0.0.1:$port"]);
            $this->send('POST', '/clear/forecast')->assertStatus(303);
        } finally {
            $device->stop(1);
        }
        $days = WeatherDay::query()
            ->where('apiary_id', $yard->id)
            ->where('date', '>=', '2026-08-04')
            ->orderBy('date')
            ->get()
            ->keyBy(fn (WeatherDay $day): string => $day->date->format('Y-m-d'));
        self::assertSame('own', $days['2026-08-06']->source);
        self::assertEqualsWithDelta(31.0, $days['2026-08-06']->max_c, 1e-9);
        self::assertSame('forecast', $days['2026-08-05']->source);
        foreach ($days as $day) {
            self::assertGreaterThan($day->min_c, $day->max_c);
        }
        $this->get('/clear/ekbacken')->assertOk()->assertSee('own entry');
        $this->send('POST', '/clear/forecast', from: '/clear/ekbacken')
            ->assertStatus(422)
            ->assertSee('The weather service did not answer');
        self::assertEquals(
            $days->pluck('max_c'),
            WeatherDay::query()
                ->where('apiary_id', $yard->id)
                ->where('date', '>=', '2026-08-04')
                ->orderBy('date')
                ->pluck('max_c'),
        );
    }

    public function test_a_forecast_of_200_degrees_is_refused_wherever_it_comes_from(): void
    {
        $count = WeatherDay::query()->count();
        Http::fake([
            '*' => Http::response([
                'days' => [['date' => '2026-08-05', 'min_c' => 10, 'max_c' => 200, 'rain_p' => 0, 'sun' => 1]],
            ]),
        ]);
        $this->send('POST', '/clear/forecast', from: '/clear/ekbacken')->assertStatus(422)->assertSee('max_c = 200');
        $this->send(
            'POST',
            '/clear/weather', ['yard' => 'ekbacken', 'date' => '2026-08-06', 'min' => '12', 'max' => '200', 'rain' => '5', 'sun' => '90'],
            from: '/clear/ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('is outside the possible range')
            ->assertSee('value="200"', false);
        $this->send(
            'POST',
            '/clear/weather', ['yard' => 'ekbacken', 'date' => '2026-08-06', 'min' => '12', 'max' => '2', 'rain' => '5', 'sun' => '90'],
            from: '/clear/ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('not be below the lowest');
        self::assertSame($count, WeatherDay::query()->count());
    }

    public function test_without_a_forecast_climate_means_stand_in_and_it_is_said(): void
    {
        WeatherDay::query()->get()->each->delete();
        Cache::flush();
        $this->get('/clear/ekbacken')->assertOk()->assertSee('no forecast; average climate');
    }

    public function test_a_person_asks_one_thing_at_a_time(): void
    {
        $call = new DeviceCall;
        $at = static fn (string $host): DeviceAddress => DeviceAddress::entered("http://$host", 'scale');
        config(['devices.allowed' => 'private']);
        $second = null;
        Http::fake(function () use ($call, $at, &$second) {
            // A second page of the same person, before the first has its answer.
            try {
                $call->json($at('192.168.1.2'), '/reading');
            } catch (Unreachable $told) {
                $second = $told->getMessage();
            }

            return Http::response('{"value": 17.2}');
        });
        self::assertSame(['value' => 17.2], $call->json($at('192.168.1.1'), '/reading'));
        self::assertStringContainsString('still running', (string) $second);
        Http::fake(['*' => Http::response('{"value": 18}')]);
        self::assertNotNull($call->json($at('192.168.1.3'), '/reading'), 'The turn was not given back.');
    }
}
