<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Devices\AllowedAddress;
use App\Devices\HttpRefractometer;
use App\Devices\Unreachable;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\BoxPlace;
use App\Models\Decision;
use App\Models\Eye;
use App\Models\FrameLook;
use App\Models\HarvestPolicy;
use App\Models\Instrument;
use App\Models\MoistureReading;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Verdict;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

final class AssessInDepthTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_a_super_under_a_capped_one_is_presumed_riper_and_says_so(): void
    {
        $state = $this->yard('ekbacken')->hives['E4']->supers();
        [$lowest, , $top] = $state;
        $before = (float) $lowest->ripeness->box->cappedShare;
        foreach ([2, 5, 9] as $slot) {
            $this->paint($top, $slot, 0.97)->assertOk();
        }
        $after = $this->yard('ekbacken')->hives['E4']->supers();
        self::assertGreaterThan($before + 0.1, (float) $after[0]->ripeness->box->cappedShare);
        self::assertContains(Reason::UnderCapped, array_column($after[0]->ripeness->reasons, 'what'));
        self::assertSame(Verdict::Look, $after[0]->verdict(), 'presumed is not seen');
    }

    public function test_a_look_of_yesterday_goes_where_it_belongs(): void
    {
        $box = $this->super('ekbacken', 'E4', 0);
        $this->paint($box, 3, 0.5, ['seen_on' => '2026-08-02'])->assertOk();
        $this->paint($box, 4, 0.6, ['seen_on' => '2026-08-02'])->assertOk();
        $look = Assessment::query()->where('box_id', $box->id)->latest('looked_at')->firstOrFail();
        self::assertSame('2026-08-02', $look->looked_at->format('Y-m-d'));
        self::assertSame(2, $look->frames()->count());
        $this->get("/assess/ekbacken/E4?box=$box->id&slot=3&on=2026-08-02")
            ->assertOk()
            ->assertSee('You are entering the inspection of 2 Aug 2026');
        $this->paint($box, 3, 0.5, ['seen_on' => '2026-08-05'])
            ->assertStatus(422)
            ->assertJsonPath('errors.seen_on.0', 'An inspection cannot be dated after today, 2026-08-04.');
    }

    public function test_a_look_dated_after_the_super_left_is_explained(): void
    {
        $box = $this->super('ekbacken', 'E4', 0);
        BoxPlace::query()
            ->where('box_id', $box->id)
            ->whereNull('until')
            ->firstOrFail()
            ->update(['until' => '2026-08-01']);
        $count = FrameLook::query()->count();
        $this->paint($box, 3, 0.5, ['seen_on' => '2026-08-03'])
            ->assertStatus(422)
            ->assertJsonPath(
                'errors.seen_on.0',
                "Box $box->mark left hive E4 on 2026-08-01, before 2026-08-03. Correct the date, or put the box back first.",
            );
        $this->paint($box, 3, 0.5, ['seen_on' => '2020-01-01'])->assertStatus(422);
        self::assertSame($count, FrameLook::query()->count());
        $this->paint($box, 3, 0.5, ['seen_on' => '2026-07-30'])->assertOk();
    }

    public function test_whole_super_alike_and_same_as_before(): void
    {
        $box = $this->super('ekbacken', 'E4', 1);
        $this->send('POST', "/assess/boxes/$box->id/alike", ['what' => 'alike', 'slot' => 5])->assertStatus(422);
        $this->paint($box, 5, 0.9, ['seen_on' => '2026-07-28'])->assertOk();
        $this->paint($box, 6, 0.7, ['seen_on' => '2026-07-28'])->assertOk();
        $this->paint($box, 5, 0.95)->assertOk();
        $this->send('POST', "/assess/boxes/$box->id/alike", ['what' => 'before', 'slot' => 6])->assertStatus(303);
        $this->send('POST', "/assess/boxes/$box->id/alike", ['what' => 'alike', 'slot' => 5])->assertStatus(303);
        $state = $this->super('ekbacken', 'E4', 1);
        self::assertSame(2, $state->seen(), 'frames copied from another frame are not counted as seen');
        self::assertCount(10, $state->look->frames);
        self::assertEqualsWithDelta(0.7, $state->look->frames[6]->a->capped, 1e-6);
        self::assertTrue($state->look->frames[1]->glanced);
        self::assertContains(Reason::FramesGlanced, array_column($state->ripeness->reasons, 'what'));
        $this->get("/assess/ekbacken/E4?box=$box->id&slot=6")
            ->assertSee('Frame as on 28 Jul')
            ->assertSee('copied from another frame')
            ->assertSee('This super over time');
        // Painting a glanced frame makes it a seen one; the batch is undone as one.
        $this->paint($box, 1, 0.4)->assertOk();
        self::assertSame(3, $this->super('ekbacken', 'E4', 1)->seen());
        $this->send('POST', '/undo');
        $this->send('POST', '/undo');
        self::assertCount(2, $this->super('ekbacken', 'E4', 1)->look->frames);
    }

    public function test_two_people_on_one_frame_see_both_values(): void
    {
        $box = $this->super('ekbacken', 'E4', 0);
        $version = $this->paint($box, 3, 0.5)->json('version');
        $this->as('helper')
            ->paint($box, 3, 0.8, ['version' => $version])
            ->assertOk();
        $this->as('keeper')
            ->paint($box, 3, 0.3, ['version' => $version])
            ->assertStatus(409)
            ->assertJsonPath('theirs.a.capped', 0.8);
        self::assertEqualsWithDelta(0.8, $this->super('ekbacken', 'E4', 0)->look->frames[3]->a->capped, 1e-6);
    }

    public function test_the_list_of_looks_puts_the_honey_in_doubt_first(): void
    {
        $worth = $this->yard('ekbacken')->worthALook();
        self::assertGreaterThan(2, count($worth));
        $kg = array_map(static fn (BoxState $one): float => $one->ripeness->kgAMinute(), $worth);
        $sorted = $kg;
        rsort($sorted);
        self::assertSame($sorted, $kg);
        $this->get('/assess/ekbacken')
            ->assertOk()
            ->assertSee('To inspect today')
            ->assertSee('what decides most for its time first');
    }

    public function test_many_supers_are_decided_at_once_and_undone_as_one(): void
    {
        $yard = $this->yard('ekbacken');
        $boxes = array_map(static fn (BoxState $one): string => $one->id, array_slice($yard->worthALook(), 0, 3));
        $before = Decision::query()->count();
        $this->send(
            'POST',
            '/assess/ekbacken/decisions',
            ['boxes' => $boxes, 'choice' => 'stay'],
            from: '/assess/ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('Say in a few words');
        $this->send('POST', '/assess/ekbacken/decisions', ['choice' => 'stay', 'note' => 'x'])->assertStatus(422);
        $this->send('POST', '/assess/ekbacken/decisions', [
            'boxes' => [...$boxes, (string) Str::ulid()],
            'choice' => 'stay',
            'note' => 'x',
        ])->assertStatus(422);
        $this->send('POST', '/assess/ekbacken/decisions', [
            'boxes' => $boxes,
            'choice' => 'stay',
            'note' => 'Rain is coming',
        ])->assertStatus(303);
        self::assertSame($before + 3, Decision::query()->count());
        self::assertNotEmpty(Decision::query()->latest('id')->firstOrFail()->frozen['reasons'] ?? []);
        $this->send('POST', '/undo');
        self::assertSame($before, Decision::query()->count());
        $this->send('POST', '/assess/ekbacken/decisions', [
            'boxes' => $boxes,
            'choice' => 'take',
            'note' => 'All of it',
        ])->assertStatus(303);
        $this->as('helper')
            ->send('POST', '/assess/ekbacken/decisions', ['boxes' => $boxes, 'choice' => 'verdict'])
            ->assertForbidden();
        $this->as('keeper')
            ->send('POST', '/assess/ekbacken/decisions', ['boxes' => $boxes, 'choice' => 'verdict'])
            ->assertStatus(303);
        self::assertSame($before, Decision::query()->count());
    }

    public function test_policy_differs_by_yard_and_by_harvest(): void
    {
        $this->send('PUT', '/yards/skolgarden/policy', ['school' => 'capped-90', 'confidence' => '70'])->assertStatus(
            303,
        );
        $policy = $this->policy('skolgarden')->ripeness;
        self::assertSame([RipenessSchool::Capped90, 0.7], [$policy->school, $policy->confidence]);
        $this->send('POST', '/yards/skolgarden/harvests', [
            'name' => 'Lime',
            'starts_on' => '2026-07-20',
            'ends_on' => '2026-08-20',
            'heather' => '1',
            'school' => 'refractometer',
        ])->assertStatus(303);
        $book = $this->policy('skolgarden');
        self::assertSame(
            [RipenessSchool::Refractometer, 21.0, true],
            [$book->ripeness->school, $book->ripeness->waterMaxPct, $book->ripeness->heather],
        );
        self::assertStringContainsString('+Lime', $book->stamp());
        $this->send(
            'POST',
            '/yards/skolgarden/harvests',
            ['name' => 'Other', 'starts_on' => '2026-08-20', 'ends_on' => '2026-09-01'],
            from: '/yards/skolgarden',
        )
            ->assertStatus(422)
            ->assertSee('These days belong to');
        $this->send(
            'DELETE',
            '/yards/harvests/'.HarvestPolicy::query()->where('name', 'Lime')->value('id'),
        )->assertStatus(303);
        self::assertFalse($this->policy('skolgarden')->heather);
        $this->send('PUT', '/yards/skolgarden/policy', ['school' => ''])->assertStatus(303);
        self::assertSame(RipenessSchool::CappedAndRefractometer, $this->policy('skolgarden')->ripeness->school);
        self::assertTrue($this->policy('norra-heden')->heather);
    }

    public function test_own_weighings_are_taken_into_the_policy_and_out_again(): void
    {
        $state = $this->super('skolgarden', 'S3', 0);
        $kg = $state->honey->kg;
        for ($i = 0; $i < 8; $i++) {
            $this->send('POST', '/calibrate/weighings', [
                'mark' => $state->mark,
                'before' => (string) (6.0 + 0.8 * $kg),
                'after' => '6.0',
            ])->assertStatus(303);
        }
        $this->get('/calibrate')->assertOk()->assertSee('weighings say');
        $this->send('PUT', '/calibrate/fill', ['kind' => $state->fitted->kind->key, 'take' => '1'])->assertStatus(303);
        $after = $this->super('skolgarden', 'S3', 0);
        self::assertLessThan($kg * 0.97, $after->honey->kg);
        self::assertLessThan(
            $state->honey->sdKg() / $state->honey->kg,
            $after->honey->sdKg() / $after->honey->kg,
        );
        self::assertSame(2, $this->demo()->policy_version);
        // Saving the policy page keeps it.
        $policy = ['school' => 'capped-and-refractometer'] + RouteCatalogue::POLICY;
        $this->send('PUT', '/account/policy', $policy)->assertStatus(303);
        self::assertEqualsWithDelta($after->honey->kg, $this->super('skolgarden', 'S3', 0)->honey->kg, 1e-9);
        $this->send('PUT', '/calibrate/fill', ['kind' => $state->fitted->kind->key, 'take' => '0'])->assertStatus(303);
        self::assertEqualsWithDelta($kg, $this->super('skolgarden', 'S3', 0)->honey->kg, 1e-9);
        $this->send(
            'POST',
            '/calibrate/weighings',
            ['mark' => 'nothing', 'before' => '6', 'after' => '5'],
            from: '/calibrate',
        )
            ->assertStatus(422)
            ->assertSee('No box has the mark');
        $this->send(
            'POST',
            '/calibrate/weighings',
            ['mark' => $state->mark, 'before' => '6', 'after' => '7'],
            from: '/calibrate',
        )
            ->assertStatus(422)
            ->assertSee('cannot weigh more than before');
        $this->send(
            'POST',
            '/calibrate/weighings',
            ['mark' => $state->mark, 'slots' => '29', 'before' => '6', 'after' => '5'],
            from: '/calibrate',
        )
            ->assertStatus(422)
            ->assertSee('Only inspected frames can be compared');
        $this->send('POST', '/calibrate/weighings', [
            'mark' => $state->mark,
            'slots' => '6, 7',
            'before' => '6',
            'after' => '4',
        ])->assertStatus(303);
    }

    public function test_a_checked_instrument_adds_its_offset_to_a_typed_reading(): void
    {
        $this->send('POST', '/calibrate/instruments', [
            'name' => 'Old glass',
            'scale' => 'water',
            'compensated' => '1',
        ])->assertStatus(303);
        $glass = Instrument::query()->where('name', 'Old glass')->firstOrFail();
        $this->send('PUT', "/calibrate/instruments/$glass->id/check", [
            'known' => '18.0',
            'readings' => '17.6 17.8 17.7',
            'temperature' => '20',
        ])->assertStatus(303);
        self::assertEqualsWithDelta(0.3, $glass->refresh()->offset, 1e-4);
        $this->send(
            'PUT',
            "/calibrate/instruments/$glass->id/check",
            ['known' => '18.0', 'readings' => 'wet', 'temperature' => '20'],
            from: '/calibrate',
        )
            ->assertStatus(422)
            ->assertSee('Enter readings with spaces');
        $box = $this->super('ekbacken', 'E4', 0);
        $this->send('POST', "/assess/boxes/$box->id/readings", [
            'value' => '17.0',
            'scale' => 'brix',
            'instrument' => $glass->id,
        ])->assertStatus(303);
        $reading = MoistureReading::query()->latest('id')->firstOrFail();
        self::assertSame(['water', $glass->id], [$reading->scale, $reading->instrument_id]);
        self::assertEqualsWithDelta(17.3, (float) $this->super('ekbacken', 'E4', 0)->ripeness->water->readPct, 1e-6);
        $this->send(
            'POST',
            '/calibrate/instruments',
            ['name' => 'Far', 'scale' => 'water', 'compensated' => '1', 'address' => 'http://198.51.100.7'],
            from: '/calibrate',
        )
            ->assertStatus(422)
            ->assertSee('in your own network');
    }

    public function test_a_reading_of_another_scale_is_recognised(): void
    {
        $box = $this->super('ekbacken', 'E4', 0);
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['value' => '1.4915', 'scale' => 'water'],
            from: '/assess/ekbacken/E4',
        )
            ->assertStatus(422)
            ->assertSee('This value looks like a refractive index: choose nD.')
            ->assertSee('value="1.4915"', false);
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['value' => '81', 'scale' => 'water'],
            from: '/assess/ekbacken/E4',
        )
            ->assertStatus(422)
            ->assertSee('degrees Brix');
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['value' => '17.5', 'scale' => 'nd'],
            from: '/assess/ekbacken/E4',
        )
            ->assertStatus(422)
            ->assertSee('This value looks like water');
    }

    public function test_a_practised_eye_corrects_its_own_looks_only(): void
    {
        $this->send('POST', '/practise/eye')->assertStatus(303);
        $eye = Eye::query()->firstOrFail();
        self::assertLessThan(-0.02, $eye->offset);
        $box = $this->super('ekbacken', 'E4', 0);
        $this->paint($box, 5, 0.6)->assertOk();
        self::assertLessThan(0.58, $this->super('ekbacken', 'E4', 0)->look->frames[5]->a->capped);
        self::assertEqualsWithDelta(
            0.6,
            (float) FrameLook::query()->latest('id')->firstOrFail()->a->capped,
            1e-6,
            'what was painted stays as painted',
        );
        $this->get("/assess/ekbacken/E4?box=$box->id&slot=5")
            ->assertSee('eye')
            ->assertSee('&quot;capped&quot;:0.6,', false);
        $other = $this->super('ekbacken', 'E4', 1);
        $this->as('helper')->paint($other, 5, 0.6)->assertOk();
        self::assertEqualsWithDelta(0.6, $this->super('ekbacken', 'E4', 1)->look->frames[5]->a->capped, 1e-6);
        $this->as('keeper')->send('DELETE', '/practise/eye')->assertStatus(303);
        self::assertSame(0, Eye::query()->count());
        $this->as('helper')->send('POST', '/practise/eye', from: '/practise')->assertStatus(422);
    }

    public function test_practice_tells_the_truth_after_the_guess_and_not_before(): void
    {
        $this->as('helper')->get('/practise')->assertOk()->assertSee('Face 1')->assertDontSee('Right: ');
        $this->send('POST', '/practise', ['number' => '1', 'guess' => '40'])->assertRedirect('/practise?told=1');
        $this->get('/practise?told=1')->assertOk()->assertSee('You said 40');
        $this->send('POST', '/practise', ['number' => '1', 'guess' => '50'], from: '/practise')
            ->assertStatus(422)
            ->assertSee('answered already');
        $this->send('POST', '/practise', ['number' => '2', 'guess' => '140'], from: '/practise')
            ->assertStatus(422)
            ->assertSee('0 and 100');
        $this->send('POST', '/practise/scale', ['number' => '1', 'guess' => '17.4'])->assertRedirect(
            '/practise/scale?told=1',
        );
        $this->get('/practise/scale?told=1')->assertOk()->assertSee('You read 17.4');
    }

    public function test_the_stand_in_refractometer_is_read_over_its_endpoint(): void
    {
        $port = random_int(21000, 29000);
        $device = new Process(
            [
                (new PhpExecutableFinder)->find() ?: 'php',
                'artisan',
                'device:refractometer',
                "--port=$port",
                '--seed=5',
                '--water=17.2',
                '--answers=40',
            ],
            dirname(__DIR__, 2),
        );
        $device->start();
        try {
            for ($try = 0; $try < 100 && ! str_contains($device->getOutput(), 'answers'); $try++) {
                usleep(50_000);
            }
            $instrument = Instrument::query()->where('name', 'Bench refractometer')->firstOrFail();
            $instrument->update(['address' => "http://127.0.0.1:$port", 'offset' => 0]);
            $box = $this->super('ekbacken', 'E4', 0);
            for ($n = 0; $n < 6; $n++) {
                $this->send('POST', "/assess/boxes/$box->id/readings/instrument", [
                    'instrument' => $instrument->id,
                ])->assertStatus(303);
            }
            // Six readings of noise 0.12, corrected for the temperature that came with them.
            self::assertEqualsWithDelta(17.2, $this->super('ekbacken', 'E4', 0)->ripeness->water->meanPct, 0.25);
            self::assertFalse(MoistureReading::query()->latest('id')->firstOrFail()->compensated);
            self::assertSame(404, Http::get("http://127.0.0.1:$port/other")->status());
        } finally {
            $device->stop(1);
        }
        $count = MoistureReading::query()->count();
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings/instrument",
            ['instrument' => $instrument->id],
            from: '/assess/ekbacken/E4',
        )
            ->assertStatus(422)
            ->assertSee('The instrument did not answer');
        self::assertSame($count, MoistureReading::query()->count());
    }

    public function test_an_instrument_that_talks_nonsense_is_refused(): void
    {
        Http::fake(['*' => Http::response(['scale' => 'litres', 'value' => 'much'])]);
        $this->expectException(Unreachable::class);
        (new HttpRefractometer('http://127.0.0.1:1'))->read();
    }

    public function test_addresses_of_instruments_stay_in_the_house(): void
    {
        foreach (
            [
                'stand-in' => true,
                'http://192.168.1.4:80' => true,
                'http://localhost:9' => true,
                'http://10.0.0.3' => true,
                'ftp://10.0.0.3' => false,
                'http://198.51.100.7' => false,
                'http://169.254.169.254' => false,
                'nonsense' => false,
            ] as $address => $allowed
        ) {
            self::assertSame($allowed, (new AllowedAddress('private'))->allows($address), $address);
        }
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function paint(BoxState $box, int $slot, float $capped, array $more = []): TestResponse
    {
        $face = ['capped' => $capped, 'open' => round(0.97 - $capped, 2)];

        return $this->putJson("/assess/boxes/$box->id/frames/$slot", ['a' => $face, 'b' => $face] + $more, [
            'Idempotency-Key' => (string) Str::ulid(),
        ]);
    }

    private function yard(string $slug): YardState
    {
        $this->demo();

        return app(YardReader::class)->one(Apiary::query()->where('slug', $slug)->firstOrFail());
    }

    private function super(string $slug, string $hive, int $index): BoxState
    {
        return $this->yard($slug)->hives[$hive]->supers()[$index];
    }

    private function policy(string $slug): Policy
    {
        $this->demo();

        return Policy::at(app(CurrentOperation::class), Apiary::query()->where('slug', $slug)->firstOrFail());
    }
}
