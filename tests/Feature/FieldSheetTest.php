<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\YardReader;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\Decision;
use App\Models\FlowSign;
use App\Models\FrameLook;
use App\Models\FrozenClearing;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\Membership;
use App\Models\MoistureReading;
use App\Models\ScaleWeight;
use App\Models\User;
use App\Pages\Field\Sheets\YardSheets;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Sheet\SheetVerdict;
use PHPUnit\Framework\Attributes\TestWith;

/** What a phone takes into the yard, and what becomes of what it brings back. */
final class FieldSheetTest extends FeatureTestCase
{
    use TapsOfAPhone;

    private const DAY_MS = 86400000.0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation = $this->demo()->id;
        $this->as('keeper');
    }

    public function test_the_phone_judges_every_hive_of_the_demo_as_the_pages_do(): void
    {
        $boxes = 0;
        foreach (Apiary::query()->get() as $apiary) {
            $sheet = $this->getJson("/field/yards/$apiary->slug")->assertOk()->json();
            $yard = app(YardReader::class)->one($apiary);
            foreach ($sheet['hives'] as $hive) {
                foreach ($this->judged($sheet, $hive) as $said) {
                    $state = $yard->hives[$hive['code']]->box($said['id']);
                    self::assertNotNull($state);
                    $known = SheetVerdict::json($state->judged);
                    self::assertSame(json_decode((string) json_encode($known, JSON_PRESERVE_ZERO_FRACTION), true), $said, $hive['code']);
                    $boxes++;
                }
            }
        }
        self::assertGreaterThan(60, $boxes);
    }

    #[TestWith(['2026-08-04', 'today'])]
    #[TestWith(['2026-08-07', 'on an earlier day'])]
    public function test_what_is_tapped_is_judged_alike_on_the_phone_and_when_it_came_in(string $today, string $most): void
    {
        DB::table('operations')->where('id', $this->operation)->update(['demo_today' => $today]);
        $this->demo();
        $face = ['capped' => 0.83, 'open' => 0.1, 'brood' => 0.0, 'pollen' => 0.0];
        $frames = [['slot' => 3, 'a' => $face, 'b' => $face], ['slot' => 7, 'a' => $face, 'b' => $face]];
        $held = [
            'frames' => $frames,
            'shake' => 'passed',
            'readings' => [['scale' => 'water', 'value' => 17.4, 'temperature_c' => 20.0]],
        ];
        $before = ['never looked at' => 0, 'on an earlier day' => 0, 'today' => 0];
        foreach (Apiary::query()->get() as $apiary) {
            $sheet = $this->getJson("/field/yards/$apiary->slug")->json();
            $onPhone = $taps = [];
            foreach ($sheet['hives'] as $hive) {
                $supers = array_filter($hive['boxes'], static fn (array $box): bool => $box['super']);
                $box = end($supers);
                if ($box === false) {
                    continue;
                }
                $on = $box['look']['on'] ?? null;
                $before[$on === null ? 'never looked at' : ($on === $today ? 'today' : 'on an earlier day')]++;
                foreach ($frames as $frame) {
                    $painted = array_column($box['painted'], 'version', 'slot');
                    $taps[] = $this->tap('frame', $box['id'], $frame, version: $painted[$frame['slot']] ?? 0);
                }
                $taps[] = $this->tap('shake', $box['id'], ['shake' => 'passed']);
                $taps[] = $this->tap('reading', $box['id'], ['scale' => 'water', 'value' => 17.4]);
                $hive['boxes'] = array_map(
                    static fn (array $one): array => $one + ['taps' => $one['id'] === $box['id'] ? $held : []],
                    $hive['boxes'],
                );
                $onPhone[$box['id']] = array_column($this->judged($sheet, $hive, $today), null, 'id')[$box['id']];
            }
            foreach (array_chunk($taps, 40) as $batch) {
                foreach ($this->sendTaps($batch) as $answer) {
                    self::assertSame('kept', $answer['state'], $answer['message']);
                }
            }
            $after = $this->getJson("/field/yards/$apiary->slug")->json();
            $came = array_column(array_merge([], ...array_column($after['hives'], 'boxes')), 'verdict', 'id');
            foreach ($onPhone as $id => $said) {
                self::assertEquals($said, $came[$id], "$apiary->slug, $id");
            }
        }
        self::assertGreaterThan(10, $before[$most], (string) json_encode($before));
    }

    public function test_each_tap_is_a_write_done_once_dated_when_it_was_tapped(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $place = BoxPlace::query()->where('hive_id', $hive->id)->where('role', 'super')->whereNull('until')->firstOrFail();
        $onMs = self::DAY_MS;
        $taps = [
            $this->tap('note', $hive->id, ['what' => 'note', 'text' => 'a wasp nest behind the stand'], $onMs),
            $this->tap('note', $hive->id, ['what' => 'queen-seen', 'text' => ''], $onMs),
            $this->tap('weigh', $hive->id, ['kg' => 61.25, 'yard' => 'ekbacken'], $onMs),
            $this->tap('sign', $yard->id, ['seen' => 'robbing:strong', 'yard' => 'ekbacken'], $onMs),
            $this->tap('excluder', $hive->id, ['excluder' => false], $onMs),
            $this->tap('decide', $place->box_id, ['choice' => 'stay', 'note' => 'for the bees', 'was' => null], $onMs),
            $this->tap('photo', $hive->id, ['jpeg' => self::jpeg(), 'text' => 'the nest'], $onMs),
            $this->tap('box-on', $hive->id, ['kind' => 'langstroth-medium-10', 'role' => 'super', 'put_on' => 'drawn'], $onMs),
        ];
        $taps[3]['data']['seen'] = array_key_first($this->getJson('/field/yards')->json('signs'));
        $first = $this->sendTaps($taps);
        foreach ($first as $i => $answer) {
            self::assertSame('kept', $answer['state'], $taps[$i]['kind'].': '.$answer['message']);
        }
        $day = fn (mixed $at): string => substr((string) $at, 0, 10);
        $yesterday = '2026-08-03';
        $notes = HiveNote::query()->where('hive_id', $hive->id)->get();
        self::assertSame(3, $notes->count());
        self::assertSame([$yesterday], $notes->map(fn ($one) => $day($one->noted_at))->unique()->values()->all());
        self::assertSame(61.25, (float) ScaleWeight::query()->where('hive_id', $hive->id)->latest('id')->value('kg'));
        self::assertSame($yesterday, $day(FlowSign::query()->latest('id')->value('seen_at')));
        self::assertSame($yesterday, $day(Decision::query()->where('note', 'for the bees')->value('decided_at')));
        self::assertFalse($hive->refresh()->excluder);
        $new = BoxPlace::query()->where('hive_id', $hive->id)->latest('id')->firstOrFail();
        self::assertSame($yesterday, $day($new->since));
        $photo = $notes->firstWhere('what', 'photo');
        self::assertSame('image/jpeg', $this->get("/field/photos/$photo?->id")->headers->get('Content-Type'));

        $counts = fn (): array => array_map(
            static fn (string $table): int => DB::table($table)->count(),
            ['hive_notes', 'hive_photos', 'flow_signs', 'decisions', 'scale_weights', 'box_places', 'activity_log'],
        );
        $before = $counts();
        self::assertSame($first, $this->sendTaps($taps), 'Sent again it is answered alike.');
        self::assertSame($before, $counts());

        $this->sendTaps([$this->tap('box-off', $new->box_id, [])]);
        self::assertNotNull($new->refresh()->until);
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertNull($new->refresh()->until);
    }

    public function test_two_phones_on_one_frame_both_are_shown_with_who_and_when(): void
    {
        [, $box] = $this->superToLookAt($this->getJson('/field/yards/ekbacken')->json());
        $mine = $this->tap('frame', $box['id'], self::frame(5, 0.8), version: 0);
        $theirs = $this->tap('frame', $box['id'], self::frame(5, 0.3), version: 0);
        $this->as('helper');
        self::assertSame('kept', $this->sendTaps([$theirs])[0]['state']);
        $this->as('keeper');
        $later = $this->tap('frame', $box['id'], self::frame(6, 0.9), version: 0);
        [$asked, $kept] = $this->sendTaps([$mine, $later]);
        self::assertSame('conflict', $asked['state']);
        self::assertSame(0.3, $asked['theirs']['a']['capped']);
        self::assertSame(User::query()->where('email', 'helper@demo.example')->value('name'), $asked['theirs']['by']);
        self::assertNotNull($asked['theirs']['at']);
        self::assertSame('kept', $kept['state']);
        $again = $this->tap('frame', $box['id'], self::frame(5, 0.8), version: $asked['theirs']['version']);
        self::assertSame(['5' => 2], $this->sendTaps([$again])[0]['versions']);

        $this->as('helper');
        $this->sendTaps([$this->tap('shake', $box['id'], ['shake' => 'failed', 'was' => null])]);
        $this->sendTaps([$this->tap('decide', $box['id'], ['choice' => 'take', 'note' => 'rain is coming', 'was' => null])]);
        $this->as('keeper');
        $shake = $this->sendTaps([$this->tap('shake', $box['id'], ['shake' => 'passed', 'was' => null])])[0];
        self::assertSame(['conflict', 'failed'], [$shake['state'], $shake['theirs']['shake']]);
        $decide = $this->sendTaps([
            $this->tap('decide', $box['id'], ['choice' => 'stay', 'note' => 'not yet', 'was' => null]),
        ])[0];
        self::assertSame(['conflict', 'take'], [$decide['state'], $decide['theirs']['choice'] ?? json_encode($decide)]);
    }

    public function test_like_another_gives_way_to_what_was_pulled_and_tells_its_versions(): void
    {
        [, $box] = $this->superToLookAt($this->getJson('/field/yards/ekbacken')->json());
        $answers = $this->sendTaps([
            $this->tap('frame', $box['id'], self::frame(4, 0.7), version: 0),
            $this->tap('alike', $box['id'], ['slot' => 4]),
            $this->tap('frame', $box['id'], self::frame(6, 0.9), version: 0),
            $this->tap('frame', $box['id'], self::frame(6, 0.8), version: 0),
        ]);
        self::assertSame(['kept', 'kept', 'kept', 'kept'], array_column($answers, 'state'), json_encode($answers));
        self::assertCount($box['frames_fitted'] - 1, $answers[1]['versions']);
        $this->as('helper');
        $other = $this->sendTaps([$this->tap('frame', $box['id'], self::frame(7, 0.2), version: 0)])[0];
        self::assertSame('kept', $other['state'], 'Nobody had pulled it.');
    }

    public function test_what_cannot_be_is_refused_with_its_reason_and_the_rest_is_kept(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $place = BoxPlace::query()->where('hive_id', $hive->id)->where('role', 'super')->whereNull('until')->firstOrFail();
        $box = $place->box_id;
        $bad = [
            ['frame', $box, self::frame(5, 1.4), 'A part of a face must be'],
            ['frame', $box, self::frame(40, 0.4), 'This box has frames'],
            ['frame', (string) Str::ulid(), self::frame(5, 0.4), 'was removed'],
            ['reading', $box, ['scale' => 'water', 'value' => 140], '10 to 30'],
            ['note', $hive->id, ['what' => 'note', 'text' => ''], 'few words'],
            ['note', $hive->id, ['what' => 'note', 'text' => str_repeat('x', 501)], '500'],
            ['photo', $hive->id, ['jpeg' => base64_encode('<svg/>')], 'not a JPEG'],
            ['photo', $hive->id, ['jpeg' => '***'], 'not a JPEG'],
            ['weigh', $hive->id, ['kg' => 4000, 'yard' => 'ekbacken'], '400'],
            ['weigh', $hive->id, ['kg' => 40], 'its hive or box is missing'],
            ['sign', $hive->id, ['seen' => 'x', 'yard' => 'ekbacken'], ''],
            ['shake', $box, ['shake' => 'maybe'], ''],
            ['decide', $box, ['choice' => 'take', 'note' => ''], 'few words'],
            ['box-on', $hive->id, ['kind' => 'x', 'role' => 'super'], ''],
            ['tick', (string) Str::ulid(), ['what' => 'placed', 'done' => true], 'was removed'],
            ['alike', $box, ['slot' => 29], 'Paint frame'],
            ['frame', $box, ['slot' => -1] + self::frame(1, 0.5), 'was removed'],
            ['weigh', $hive->id, ['kg' => 40, 'yard' => '../x'], 'was removed'],
            ['weigh', $hive->id, ['kg' => 40, 'yard' => ['x']], 'its hive or box is missing'],
        ];
        $taps = array_map(fn (array $one): array => $this->tap($one[0], $one[1], $one[2]), $bad);
        $taps[] = $good = $this->tap('note', $hive->id, ['what' => 'note', 'text' => 'fine']);
        $answers = $this->sendTaps([...$taps, ['id' => 'x'], 'x', ['id' => (string) Str::ulid(), 'kind' => 'drop']]);
        foreach ($bad as $i => [$kind, , , $words]) {
            self::assertSame('refused', $answers[$i]['state'], "$kind: ".json_encode($answers[$i]));
            self::assertNotSame('', $answers[$i]['message'], $kind);
            self::assertStringContainsString($words, $answers[$i]['message']);
        }
        self::assertSame('kept', $answers[count($bad)]['state']);
        self::assertSame($good['id'], $answers[count($bad)]['id']);
        self::assertSame(['refused', 'refused', 'refused'], array_column(array_slice($answers, -3), 'state'));

        $this->send('POST', "/yards/boxes/$box/off")->assertStatus(303);
        DB::table('box_places')->where('id', $place->id)->update(['until' => '2026-08-01']);
        $gone = $this->sendTaps([$this->tap('frame', $box, self::frame(5, 0.5), version: 0)])[0];
        self::assertSame('refused', $gone['state']);
        self::assertStringContainsString('left hive E1', $gone['message']);
        $this->send('DELETE', "/yards/hives/$hive->id")->assertStatus(303);
        foreach ([['frame', $box, self::frame(5, 0.5)], ['note', $hive->id, ['what' => 'queen-seen']]] as [$kind, $on, $data]) {
            $answer = $this->sendTaps([$this->tap($kind, $on, $data, version: 0)])[0];
            self::assertSame('refused', $answer['state'], json_encode($answer));
            self::assertStringNotContainsString('could not do this', $answer['message']);
        }
        $ancient = $this->sendTaps([$this->tap('note', $hive->id, ['what' => 'note', 'text' => 'x'], 200 * self::DAY_MS)])[0];
        self::assertStringContainsString('clock', $ancient['message']);
    }

    public function test_rights_and_operations_hold_for_each_tap(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $tap = $this->tap('note', $hive->id, ['what' => 'note', 'text' => 'x']);
        $this->as('viewer');
        self::assertFalse($this->getJson('/field/yards')->json('may_record'));
        [$answer] = $this->sendTaps([$tap]);
        self::assertSame('refused', $answer['state']);
        self::assertStringContainsString('role', $answer['message']);
        $this->as('keeper');
        $this->postJson('/field/taps', ['sent_at' => 0, 'operation' => 'x', 'taps' => [$tap]])->assertForbidden();
        $this->postJson('/field/taps', ['taps' => []])->assertStatus(422);
        $this->postJson('/field/taps', ['sent_at' => 1, 'operation' => $this->operation, 'taps' => array_fill(0, 51, $tap)])
            ->assertStatus(422);
        auth()->logout();
        $this->flushSession();
        $this->getJson('/field/yards')->assertUnauthorized();
        $this->get('/field/in')->assertRedirect('/sign-in');
        self::assertStringEndsWith('/field/in', (string) session('url.intended'));
        $this->postJson('/field/taps', ['sent_at' => 1, 'operation' => $this->operation, 'taps' => [$tap]])
            ->assertUnauthorized();
        self::assertSame(0, HiveNote::query()->where('hive_id', $hive->id)->count());
    }

    public function test_the_shell_holds_nobodys_data_and_sign_out_clears_the_phone(): void
    {
        $shell = $this->get('/field')->assertOk();
        self::assertStringNotContainsString('Ekbacken', (string) $shell->getContent());
        self::assertStringContainsString('wasm-unsafe-eval', (string) $shell->headers->get('Content-Security-Policy'));
        self::assertStringContainsString('camera=(self)', (string) $shell->headers->get('Permissions-Policy'));
        self::assertStringContainsString('camera=()', (string) $this->get('/')->headers->get('Permissions-Policy'));
        self::assertStringContainsString(
            'FORMAT = '.YardSheets::FORMAT.';',
            (string) file_get_contents(resource_path('js/field-state.js')),
            'Scripts and server mean the same form of sheet.',
        );
        $worker = (string) $this->get('/field-worker.js')->assertOk()->getContent();
        preg_match_all('#"(/build/[^"?]+)#', $worker, $parts);
        self::assertGreaterThan(15, count($parts[1]));
        self::assertSame(array_unique($parts[1]), $parts[1], 'A browser keeps none of a list with one twice.');
        foreach ($parts[1] as $part) {
            self::assertFileExists(public_path($part));
        }
        self::assertSame('/field', $this->get('/field/manifest.json')->json('start_url'));
        $out = $this->post('/sign-out');
        self::assertSame('"storage"', $out->headers->get('Clear-Site-Data'));
    }

    /**
     * Two phones tap at random; messages are lost on the way there or back, come twice and late. What is stored in the
     * end is what a merge of the taps says: on each frame the newest of those that saw the one before.
     */
    public function test_whatever_is_lost_or_repeated_the_server_ends_with_the_merge_of_the_taps(): void
    {
        $random = new SeededRandom(7);
        $conflicts = $kept = 0;
        [, $box] = $this->superToLookAt($this->getJson('/field/yards/ekbacken')->json());
        $model = $versions = [];
        $queues = ['keeper' => [], 'helper' => []];
        $known = ['keeper' => [], 'helper' => []];
        for ($round = 0; $round < 60; $round++) {
            $who = $random->chance(0.5) ? 'keeper' : 'helper';
            $slot = 1 + (int) (3.999 * $random->uniform());
            $tap = $this->tap('frame', $box['id'], self::frame($slot, round($random->uniform(), 2)), version: 0);
            $tap['version'] = $known[$who][$slot] ?? 0;
            $queues[$who][] = $tap;
            if ($random->chance(0.5)) {
                continue;
            }
            $this->as($who);
            // Lost before it arrived, or its answer lost: all of it is sent again.
            $times = $random->chance(0.3) ? 2 : ($random->chance(0.2) ? 0 : 1);
            $answers = [];
            for ($i = 0; $i < $times; $i++) {
                $answers = $this->sendTaps($queues[$who]);
            }
            foreach ($answers as $n => $answer) {
                $data = $queues[$who][$n]['data'];
                if ($answer['state'] === 'kept') {
                    $model[$data['slot']] = $data['a']['capped'];
                    $known[$who][$data['slot']] = $answer['versions'][$data['slot']];
                    $kept++;
                } else {
                    self::assertSame('conflict', $answer['state']);
                    self::assertEqualsWithDelta($model[$data['slot']], $answer['theirs']['a']['capped'], 1e-9);
                    $known[$who][$data['slot']] = $answer['theirs']['version'];
                    $conflicts++;
                }
            }
            $queues[$who] = $answers === [] ? $queues[$who] : [];
        }
        $look = Assessment::query()->where('box_id', $box['id'])->latest('looked_at')->firstOrFail();
        $stored = FrameLook::query()->where('assessment_id', $look->id)->get()->mapWithKeys(
            static fn (FrameLook $frame): array => [$frame->slot => $frame->a->capped],
        )->all();
        ksort($model);
        ksort($stored);
        self::assertSame($model, $stored);
        self::assertGreaterThan(5, $conflicts);
        self::assertGreaterThan(15, $kept);
    }

    public function test_a_sheet_that_is_on_the_phone_as_it_is_is_not_sent_again(): void
    {
        $tag = $this->getJson('/field/yards/ekbacken')->headers->get('ETag');
        self::assertNotNull($tag);
        $this->getJson('/field/yards/ekbacken', ['If-None-Match' => $tag])->assertStatus(304);
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $this->sendTaps([$this->tap('excluder', $hive->id, ['excluder' => false])]);
        $this->getJson('/field/yards/ekbacken', ['If-None-Match' => $tag])->assertOk();
    }

    public function test_ticks_of_the_day_sheet(): void
    {
        $place = BoxPlace::query()->where('role', 'super')->whereNull('until')->firstOrFail();
        $clearing = Clearing::query()->create([
            'apiary_id' => Apiary::query()->where('slug', 'ekbacken')->value('id'),
            'method' => 'escape-board',
            'first_on' => '2026-08-05',
            'second_on' => '2026-08-06',
            'person_minutes' => 18,
            'frozen' => new FrozenClearing,
        ]);
        $item = ClearingSuper::query()->create([
            'clearing_id' => $clearing->id,
            'hive_id' => $place->hive_id,
            'box_id' => $place->box_id,
        ]);
        $rows = $this->getJson('/field/yards/ekbacken')->json('days.*.hives.*.rows');
        $row = collect(array_merge([], ...$rows))->firstWhere('item', $item->id);
        self::assertSame(['placed', false], [$row['what'], $row['done']]);
        $tick = $this->sendTaps([$this->tap('tick', $item->id, ['what' => 'placed', 'done' => true])])[0];
        self::assertSame('kept', $tick['state'], $tick['message']);
        self::assertNotNull($item->refresh()->placed_at);
    }

    public function test_a_membership_that_ended_answers_no_more(): void
    {
        $this->as('helper');
        self::assertContains($this->operation, $this->getJson('/field/yards')->json('memberships'));
        Membership::query()->where('user_id', User::query()->where('email', 'helper@demo.example')->value('id'))->delete();
        $this->getJson('/field/yards')->assertRedirect('/start');
        $this->getJson('/field/yards/ekbacken')->assertRedirect('/start');
        self::assertSame(0, MoistureReading::query()->where('value', 99)->count());
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return array{array<string, mixed>, array<string, mixed>} hive and super
     */
    private function superToLookAt(array $sheet): array
    {
        foreach ($sheet['hives'] as $hive) {
            foreach ($hive['boxes'] as $box) {
                if ($box['super'] && $box['standing'] === 'look') {
                    return [$hive, $box];
                }
            }
        }
        self::fail('No super is to be looked at.');
    }

    private static function jpeg(): string
    {
        $picture = imagecreatetruecolor(8, 8);
        ob_start();
        imagejpeg($picture);

        return base64_encode((string) ob_get_clean());
    }
}
