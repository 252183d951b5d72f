<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;

/** Signing in, secure headers, and the computations' door for programs. */
final class DoorsTest extends FeatureTestCase
{
    public function test_signing_in_is_throttled_and_says_little(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $this->post('/sign-in', ['email' => 'keeper@demo.example', 'password' => 'wrong'])
                ->assertStatus(422)
                ->assertSee('do not match');
        }
        $this->post('/sign-in', ['email' => 'keeper@demo.example', 'password' => 'heather-and-lime'])->assertStatus(
            429,
        );
    }

    public function test_arrays_for_words_are_refused_at_the_door_too(): void
    {
        $this->post('/sign-in', ['email' => ['keeper@demo.example'], 'password' => ['x']])->assertStatus(422);
        $this->as('keeper')
            ->send('PUT', '/account/operation', ['operation' => ['x']], from: '/account')
            ->assertStatus(422);
    }

    public function test_signing_in_and_changing_the_password(): void
    {
        $this->post('/sign-in', ['email' => 'helper@demo.example', 'password' => 'heather-and-lime'])->assertRedirect(
            '/',
        );
        $this->send(
            'PUT',
            '/account/password',
            [
                'current_password' => 'wrong',
                'password' => 'another-long-one',
                'password_confirmation' => 'another-long-one',
            ],
            from: '/account',
        )->assertStatus(422);
        $this->send(
            'PUT',
            '/account/password',
            [
                'current_password' => 'heather-and-lime',
                'password' => 'another-long-one',
                'password_confirmation' => 'another-long-one',
            ],
            from: '/account',
        )->assertStatus(303);
        self::assertTrue(
            password_verify(
                'another-long-one',
                User::query()->where('email', 'helper@demo.example')->firstOrFail()->password,
            ),
        );
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function test_headers_forbid_what_is_not_ours(): void
    {
        $response = $this->as('keeper')
            ->get('/')
            ->assertOk()
            ->assertHeader('X-Content-Type-Options', 'nosniff')
            ->assertHeader('X-Frame-Options', 'DENY');
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertContains('HX-Request', $response->getVary());
        $this->get('/up')->assertOk();
    }

    public function test_the_api_and_the_command_compute_the_same(): void
    {
        $in = ['readings' => [['scale' => 'nd', 'value' => 1.493, 'temperature_c' => 24]]];
        $this->postJson('/api/v1/calc/moisture', $in)->assertUnauthorized();
        $basic = ['Authorization' => 'Basic '.base64_encode('keeper@demo.example:heather-and-lime')];
        $answer = $this->postJson('/api/v1/calc/moisture', $in, $basic)->assertOk()->json();
        exec(
            'printf %s '.
                escapeshellarg((string) json_encode($in)).
                ' | '.
                PHP_BINARY.
                ' '.
                base_path('artisan').
                ' calc moisture',
            $lines,
            $status,
        );
        self::assertSame(0, $status);
        self::assertSame($answer, json_decode(implode('', $lines), true));
        $this->postJson('/api/v1/calc/moisture', ['readings' => [['scale' => 'brix', 'value' => 95]]], $basic)
            ->assertStatus(422)
            ->assertJsonPath('error.pointer', '/readings/0/value')
            ->assertJsonPath('error.allowed', '58 to 90');
        $this->postJson('/api/v1/calc/nothing', [], $basic)->assertNotFound();
    }

    #[TestWith(['moisture', '{"readings":[]}', '/readings'])]
    #[TestWith(['moisture', '{"readings":[{"scale":"water","value":17,"atc":"yes"}]}', '/readings/0/atc'])]
    #[TestWith(['moisture', '{"readings":[{"scale":"water","value":17}],"colour":1}', '/colour'])]
    #[TestWith(['comb', '{"box":{"kind":"no-such"},"frames":[]}', '/box/kind'])]
    #[TestWith(['comb', '{"box":{"kind":"dadant-super-12"},"frames":[{"slot":13}]}', '/frames/0/slot'])]
    #[
        TestWith([
            'comb',
            '{"box":{"kind":"dadant-super-12"},"frames":[{"slot":1,"a":{"capped":0.7,"empty":0.4}}]}',
            '/frames/0/a',
        ]),
    ]
    #[TestWith(['ripeness', '{"box":{"kind":"dadant-super-12"},"frames":[],"flow":"maybe"}', '/flow'])]
    #[TestWith(['lift', '{"load_kg":20}', '/from_height_cm'])]
    #[
        TestWith([
            'reserve',
            '{"colony":{"frames_of_bees":9},"winter":{"from":"2026-10-01","first_flow":"2026-13-40"},"climate":{"monthly_mean_c":[1,1,1,1,1,1,1,1,1,1,1,1]},"boxes":[{"id":"b","honey_kg":1,"role":"brood"}]}',
            '/winter/first_flow',
        ]),
    ]
    #[
        TestWith([
            'allot',
            '{"supers":[{"id":"a","hive":"A","estimate_kg":1,"sd_own_kg":1}],"buckets":[{"gross_kg":1,"tare_kg":2}]}',
            '/buckets/0/gross_kg',
        ]),
    ]
    #[
        TestWith([
            'clearing',
            '{"hives":[{"id":"A","supers":1}],"forecast":[{"date":"2026-08-05","min_c":10,"max_c":200,"rain_p":0,"sun":1}]}',
            '/forecast/0/max_c',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":200,"rain_p":0}],"travel_min":[[0]],"apiaries":[],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9}',
            '/days/0/max_c',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,null],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-05"}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9}',
            '/travel_min/0/1',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,9],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-04"}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9}',
            '/apiaries/0/deadline',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,9],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-05","skies":[{"date":"2026-08-09","max_c":20,"rain_p":0}]}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9}',
            '/apiaries/0/skies/0/date',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,9],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-05"}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9,"locks":[{"apiary":"B","method":"brush","collect":"2026-08-05"}]}',
            '/locks/0/apiary',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,9],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-05"}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9,"locks":[{"apiary":"A","method":"escape","collect":"2026-08-05"}]}',
            '/locks/0/place',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0}],"travel_min":[[0,9],[9,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-05"}],"kit":{"escape_boards":1,"fume_boards":0,"blower":false},"truck_supers":9,"hold_supers":9,"params":{"brush_per_super":-1}}',
            '/params/brush_per_super',
        ]),
    ]
    #[TestWith(['flow', '{"readings":[{"at":"tomorrow","kg":40}],"now":"2026-08-04T12:00:00Z"}', '/readings/0/at'])]
    public function test_refusals_name_the_place(string $name, string $json, string $pointer): void
    {
        try {
            app(\App\Api\CalculationRunner::class)->run($name, $json);
            self::fail('It was taken.');
        } catch (\App\Api\InputRefused $refusal) {
            self::assertSame($pointer, $refusal->pointer, $refusal->getMessage());
            self::assertNotSame('', $refusal->allowed);
        }
    }

    #[TestWith(['lift', '{"load_kg":20,"from_height_cm":90,"to_height_cm":80}'])]
    #[
        TestWith([
            'ripeness',
            '{"box":{"frames":10,"comb_area_dm2":5.9,"inside_width_mm":373,"empty_mass_kg":5.2},"frames":[{"slot":5,"a":{"capped":0.9},"b":{"capped":0.8,"open":0.1}}],"shake":null,"days_since_last":null}',
        ]),
    ]
    #[
        TestWith([
            'flow',
            '{"readings":[{"at":"2026-08-01T19:00:00+02:00","kg":40},{"at":"2026-08-02T19:00:00+02:00","kg":41}],"evidence":[{"sign":"shake","result":"nectar","at":"2026-08-02T19:00:00+02:00"}],"now":"2026-08-04T12:00:00+02:00"}',
        ]),
    ]
    #[
        TestWith([
            'reserve',
            '{"colony":{"frames_of_bees":9},"winter":{"from":"2026-10-01","first_flow":"2027-04-20"},"climate":{"monthly_mean_c":[1,1,3,7,12,15,17,17,13,9,5,2]},"boxes":[{"id":"b","honey_kg":10,"role":"brood"},{"id":"s","honey_kg":15,"sd_kg":1,"role":"super"}]}',
        ]),
    ]
    #[
        TestWith([
            'clearing',
            '{"hives":[{"id":"A","supers":2}],"forecast":[{"date":"2026-08-05","min_c":10,"max_c":22,"rain_p":0,"sun":1},{"date":"2026-08-06","min_c":10,"max_c":22,"rain_p":0,"sun":1}],"crew":1,"kit":{"escape_boards":2}}',
        ]),
    ]
    #[
        TestWith([
            'allot',
            '{"supers":[{"id":"1","hive":"A","estimate_kg":10,"sd_own_kg":1},{"id":"2","hive":"B","before_kg":20,"after_kg":6}],"buckets":[{"gross_kg":26,"tare_kg":1}]}',
        ]),
    ]
    #[
        TestWith([
            'rounds',
            '{"days":[{"date":"2026-08-05","crew_min":300,"min_c":10,"max_c":20,"rain_p":0},{"date":"2026-08-06","crew_min":300,"min_c":10,"max_c":20,"rain_p":0.2,"dearth":1}],"travel_min":[[0,9,9],[9,0,4],[9,4,0]],"apiaries":[{"id":"A","hives":2,"supers":3,"ready":"2026-08-05","deadline":"2026-08-06","skies":[{"date":"2026-08-05","max_c":16,"rain_p":0.9}]},{"id":"B","hives":40,"supers":60,"ready":"2026-08-05","deadline":"2026-08-05","methods":["escape"]}],"kit":{"escape_boards":4,"fume_boards":0,"blower":false},"truck_supers":30,"hold_supers":30,"locks":[{"apiary":"A","method":"brush","place":null,"collect":"2026-08-06"}],"budget_iterations":500}',
        ]),
    ]
    #[
        TestWith([
            'yields',
            '{"records":[{"hive":"E1","apiary":"E","season":2026,"queen":null,"kg":20,"swarmed":0,"split":1}]}',
        ]),
    ]
    #[
        TestWith([
            'comb',
            '{"box":{"kind":"langstroth-medium-10"},"frames":[{"slot":1,"a":{"capped":1},"b":{"empty":1}}],"frames_fitted":9}',
        ]),
    ]
    #[
        TestWith([
            'moisture',
            '{"readings":[{"scale":"brix","value":80,"mass_kg":null}],"limit_pct":18.5,"heather":true}',
        ]),
    ]
    #[TestWith(['viscosity', '{"temperature_c":30,"water_pct":17.5}'])]
    #[TestWith(['settle', '{"depth_cm":35,"temperature_c":30,"water_pct":17.5}'])]
    #[TestWith(['blend', '{"buckets":[{"id":"a","kg":20,"water_pct":17},{"id":"b","kg":20,"water_pct":19.5}]}'])]
    #[TestWith(['jars', '{"honey_kg":12.3,"jars":[{"id":"1","net_g":500,"stock":20,"price":6,"must_fill":2},{"id":"2","net_g":250,"stock":9}],"goal":"most-value"}'])]
    #[TestWith(['prepack', '{"nominal_g":500,"weights_g":[503,501.5,499,470]}'])]
    #[TestWith(['wax', '{"honey_kg":120}'])]
    #[TestWith(['loads', '{"slots":3,"frames":[{"id":"a","g":2400},{"id":"b","g":1900,"fresh":true},{"id":"c","g":2100},{"id":"d","g":2000}],"budget_evaluations":500}'])]
    #[TestWith(['rotor', '{"slots":4,"frames":[{"id":"a","g":2400},{"id":"b","g":1900},{"id":"c","g":2100}],"spares":[{"id":"s","g":600}]}'])]
    public function test_answers_keep_their_schema(string $name, string $json): void
    {
        $out = app(\App\Api\CalculationRunner::class)->run($name, $json);
        $schema = json_decode((string) json_encode(app(\App\Api\Registry::class)->schema($name)['output']));
        $result = (new Validator)->validate(json_decode((string) json_encode($out)), $schema);
        self::assertTrue($result->isValid(), (string) json_encode($result->error()?->data()->fullPath()));
    }

    public function test_one_bundle_has_every_schema_and_all_that_they_share(): void
    {
        $bundle = (string) json_encode(app(\App\Api\Registry::class)->bundle());
        $defs = json_decode($bundle, true)['$defs'];
        preg_match_all('~#\\\\?/\$defs\\\\?/(\w+)~', $bundle, $named);
        self::assertNotEmpty($named[1]);
        self::assertSame([], array_diff($named[1], array_keys($defs)));
        $validator = new Validator;
        $validator->resolver()?->registerRaw($bundle, 'https://marjoram.test/calc.json');
        $in = static fn (string $json): bool => $validator
            ->validate(json_decode($json), 'https://marjoram.test/calc.json#/$defs/comb.input')
            ->isValid();
        self::assertTrue($in('{"box":{"kind":"langstroth-medium-10"},"frames":[{"slot":1,"a":{"capped":1}}]}'));
        self::assertFalse($in('{"box":{"kind":"langstroth-medium-10"},"frames":[{"slot":1,"a":{"capped":3}}]}'));
    }

    public function test_rounds_keep_locks_and_skies_and_say_how_good_a_plan_can_be(): void
    {
        $day = static fn (string $date, float $rain): array => [
            'date' => $date,
            'crew_min' => 300,
            'min_c' => 10,
            'max_c' => 21,
            'rain_p' => $rain,
        ];
        $in = [
            'days' => [$day('2026-08-05', 0.1), $day('2026-08-06', 0.1), $day('2026-08-07', 0.1)],
            'travel_min' => [[0, 20, 25], [20, 0, 6], [25, 6, 0]],
            'apiaries' => [
                [
                    'id' => 'A',
                    'hives' => 4,
                    'supers' => 6,
                    'ready' => '2026-08-05',
                    'deadline' => '2026-08-07',
                    'methods' => ['blower'],
                    'skies' => [
                        ['date' => '2026-08-05', 'max_c' => 20, 'rain_p' => 0.8],
                        ['date' => '2026-08-06', 'max_c' => 20, 'rain_p' => 0.8],
                    ],
                ],
                [
                    'id' => 'B',
                    'hives' => 3,
                    'supers' => 4,
                    'ready' => '2026-08-05',
                    'deadline' => '2026-08-07',
                    'methods' => ['blower', 'brush'],
                ],
            ],
            'kit' => ['escape_boards' => 0, 'fume_boards' => 0, 'blower' => true],
            'truck_supers' => 40,
            'hold_supers' => 60,
            'budget_iterations' => 2000,
        ];
        $door = app(\App\Api\CalculationRunner::class);
        $out = $door->run('rounds', (string) json_encode($in));
        // It rains on A but for the last day, so both go on one drive then.
        self::assertSame(['2026-08-07', '2026-08-07'], array_column((array) $out['services'], 'collect'));
        self::assertEqualsWithDelta(20.0 + 6.0 + 25.0, $out['cost']['travel'], 1e-9);
        self::assertLessThanOrEqual($out['cost']['total'] + 1e-9, $out['bound']);
        self::assertSame('budget', $out['stopped']);
        $locked = $door->run(
            'rounds',
            (string) json_encode(
                $in + ['locks' => [['apiary' => 'B', 'method' => 'brush', 'place' => null, 'collect' => '2026-08-05']]],
            ),
        );
        self::assertContains(
            [
                'apiary' => 'B',
                'hives' => 3,
                'supers' => 4.0,
                'method' => 'brush',
                'place' => null,
                'collect' => '2026-08-05',
            ],
            $locked['services'],
        );
        self::assertGreaterThan($out['cost']['total'], $locked['cost']['total']);
        // One yard by one method on one day is as cheap as it can be, and is known to be.
        $one = $door->run(
            'rounds',
            (string) json_encode(
                [
                    'apiaries' => [['methods' => ['blower'], 'skies' => []] + $in['apiaries'][1]],
                    'travel_min' => [[0, 20], [20, 0]],
                ] + $in,
            ),
        );
        self::assertSame('optimal', $one['stopped']);
        self::assertEqualsWithDelta($one['bound'], $one['cost']['total'], 1e-9);
    }
}
