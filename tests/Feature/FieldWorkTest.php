<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\YardReader;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Models\LoadingTick;
use App\Models\Lot;
use App\Models\StopTrouble;
use App\Models\TakenSuper;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Reserve\HiveWeight;
use Tests\Support\Depth;

/** Work that a phone takes along: frames that come off and go back by their marks, days out, hives that are lifted. */
final class FieldWorkTest extends FeatureTestCase
{
    use PlannedClearings;
    use TapsOfAPhone;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation = $this->demo()->id;
        $this->as('keeper');
    }

    public function test_frames_that_come_off_are_known_alike_on_the_phone_and_on_the_pages(): void
    {
        $taken = 0;
        foreach (Apiary::query()->pluck('slug')->all() as $yard) {
            $sheet = $this->sheet($yard);
            $onPhone = [];
            $taps = [];
            foreach ($sheet['hives'] as $hive) {
                $supers = array_values(array_filter($hive['boxes'], static fn (array $box): bool => $box['super']));
                $box = end($supers);
                $slot = $box === false ? null : self::fullSlot($box);
                if ($box === false || $slot === null) {
                    continue;
                }
                $taps[] = $this->off($yard, $box, $slot);
                $hive['boxes'] = array_map(static fn (array $one): array => $one['id'] !== $box['id']
                    ? $one
                    : ['gaps' => $one['gaps'] + 1, 'taps' => ['moved' => [['slot' => $slot]]]] + $one, $hive['boxes']);
                $onPhone[$box['id']] = array_column($this->judged($sheet, $hive), null, 'id')[$box['id']];
            }
            foreach ($taps === [] ? [] : $this->sendTaps($taps) as $answer) {
                self::assertSame('kept', $answer['state'], $answer['message']);
            }
            $after = $this->sheet($yard);
            $came = array_column(array_merge([], ...array_column($after['hives'], 'boxes')), null, 'id');
            foreach ($onPhone as $id => $said) {
                self::assertEquals($said, $came[$id]['verdict'], "$yard, $id");
                self::assertCount(1, $came[$id]['gap_slots']);
                $taken++;
            }
            self::assertCount(count($onPhone), $after['marks']['given'], 'Their marks are numbered on.');
        }
        self::assertGreaterThan(10, $taken);
    }

    public function test_the_mark_that_was_written_is_the_mark_that_is_read(): void
    {
        $operation = $this->demo();
        $operation->adopt(['frame_marks' => 'hive'] + $operation->policy);
        $sheet = $this->sheet();
        self::assertSame('yellow', $sheet['marks']['colours']['E1']);
        $box = $this->superOf($sheet, 'E1');
        self::assertSame('E1 1/', $box['frame_mark']);
        // Two phones had no network: each numbered from one; hive and slot tell them apart.
        $one = $this->off('ekbacken', $box, 4, ['colour' => 'yellow', 'number' => 1]);
        $this->as('helper');
        $other = $this->off('ekbacken', $box, 5, ['colour' => 'yellow', 'number' => 1]);
        $same = $this->off('ekbacken', $box, 4, ['colour' => 'yellow', 'number' => 2]);
        self::assertSame(['kept'], array_column($this->sendTaps([$other]), 'state'));
        $this->as('keeper');
        self::assertSame(['kept'], array_column($this->sendTaps([$one]), 'state'));
        [$again] = $this->sendTaps([$same]);
        self::assertSame('refused', $again['state']);
        self::assertStringContainsString($box['mark'].'-4', $again['message'], 'It says which frame is not there.');
        $marks = ['E1 1/5 yellow 1', 'E1 1/4 yellow 1'];
        self::assertEqualsCanonicalizing($marks, array_column($this->sheet()['marks']['given'], 'mark'));
        self::assertEqualsCanonicalizing($marks, TakenSuper::query()->where('mark', 'like', '%yellow%')->pluck('mark')->all());
        self::assertSame([], $this->sheet()['wet'], 'What was taken today is full yet.');

        // Three days later they are spun, and nobody tapped that in the honey room.
        DB::table('operations')->where('id', $this->operation)->update(['demo_today' => '2026-08-07']);
        $this->demo();
        $later = $this->sheet();
        self::assertSame([], $later['marks']['given'], 'A new day is numbered from one.');
        $wet = array_column($later['wet'], null, 'mark');
        self::assertEqualsCanonicalizing($marks, array_keys($wet));
        self::assertSame(4, $wet['E1 1/4 yellow 1']['slot']);
        $back = $wet['E1 1/4 yellow 1'];
        $tap = $this->tap('frame-back', $back['lot'], ['frame' => $back['id']]);
        self::assertSame(['kept'], array_column($this->sendTaps([$tap]), 'state'));
        self::assertSame(['kept'], array_column($this->sendTaps([$tap]), 'state'), 'Sent again it is answered alike.');
        $home = $this->superOf($this->sheet(), 'E1');
        self::assertSame([5], $home['gap_slots'], 'The other is not back.');
        $twice = $this->sendTaps([$this->tap('frame-back', $back['lot'], ['frame' => $back['id']])])[0];
        self::assertSame('refused', $twice['state']);
        self::assertStringContainsString('No frame of this lot', $twice['message']);
    }

    public function test_each_wet_frame_has_its_place_whichever_goes_back_first(): void
    {
        $box = $this->superOf($this->sheet(), 'E1');
        $answers = $this->sendTaps([
            $this->off('ekbacken', $box, 3),
            $this->off('ekbacken', $box, 4),
        ]);
        self::assertSame(['kept', 'kept'], array_column($answers, 'state'), (string) json_encode($answers));
        DB::table('operations')->where('id', $this->operation)->update(['demo_today' => '2026-08-06']);
        $this->demo();
        $wet = array_column($this->sheet()['wet'], null, 'slot');
        self::assertSame([3, 4], array_keys($wet));
        // Another frame stands in slot 3 by now: of the two, the one from there gives way to the one from beside it.
        $this->sendTaps([$this->tap('frame', $box['id'], self::frame(3, 0.2), version: 0)]);
        $wet = array_column($this->sheet()['wet'], null, 'mark');
        self::assertSame([null, 4], [$wet['E1 1/3']['slot'], $wet['E1 1/4']['slot']]);
        $first = $wet['E1 1/3'];
        $answer = $this->sendTaps([$this->tap('frame-back', $first['lot'], ['frame' => $first['id']])])[0];
        self::assertSame('refused', $answer['state']);
        self::assertStringContainsString('no gap', $answer['message']);
    }

    public function test_frames_with_brood_or_without_honey_stay_and_bad_marks_are_refused(): void
    {
        $box = $this->superOf($this->sheet(), 'E1');
        $taken = TakenSuper::query()->count();
        $brood = ['capped' => 0.2, 'open' => 0.1, 'brood' => 0.4, 'pollen' => 0.0];
        $versions = array_column($box['painted'], 'version', 'slot');
        $painted = $this->sendTaps([
            $this->tap('frame', $box['id'], ['slot' => 7, 'a' => $brood, 'b' => $brood], version: $versions[7] ?? 0),
            $this->tap('frame', $box['id'], self::frame(8, 0.0), version: $versions[8] ?? 0),
        ]);
        self::assertSame(['kept', 'kept'], array_column($painted, 'state'));
        $refused = [
            'has brood' => $this->off('ekbacken', $box, 7),
            'has no honey' => $this->off('ekbacken', $box, 8),
            'This yard has no frame' => $this->off('ekbacken', $box, 29),
            'Colour' => $this->off('ekbacken', $box, 4, ['colour' => 'plaid', 'number' => 1]),
            'Number' => $this->off('ekbacken', $box, 4, ['colour' => 'red', 'number' => 0]),
            'was removed' => $this->off('nowhere', $box, 4),
        ];
        $answers = $this->sendTaps(array_values($refused));
        foreach (array_keys($refused) as $i => $words) {
            self::assertSame('refused', $answers[$i]['state']);
            self::assertStringContainsString($words, $answers[$i]['message']);
        }
        self::assertSame($taken, TakenSuper::query()->count());
    }

    public function test_a_day_out_is_on_the_phone_as_it_is_on_its_page(): void
    {
        $plan = $this->plan('ekbacken', 'escape-board', '2026-08-06', '2026-08-08', ['E3' => 1]);
        $this->plan('norra-heden', 'brush', '2026-08-06', null, ['N1' => 2]);
        $days = $this->sheet()['days'];
        self::assertSame(['2026-08-06', '2026-08-08'], array_column($days, 'on'));
        [$first, $second] = $days;
        self::assertSame('boards on', $first['aim']);
        self::assertSame('supers in', $second['aim']);
        $page = $this->get('/clear/days/2026-08-06')->assertOk();
        foreach ($first['load'] as $item) {
            $page->assertSeeText($item['words'])->assertSee('id="load-'.$item['thing'].'"', false);
        }
        $rows = $first['hives'][0]['rows'];
        foreach (array_filter($rows, static fn (array $row): bool => $row['n'] !== null) as $row) {
            $page->assertSeeText($row['words']);
        }
        // From the top of E3: three go below first, the board goes on under the one that comes off, the rest stays.
        self::assertSame([1, 2, 3, null, 4], array_slice(array_column($rows, 'n'), 0, 5));
        self::assertSame(['below', 'below', 'below', 'above', null], array_slice(array_column($rows, 'fate'), 0, 5));
        self::assertSame($this->sheet('norra-heden')['days'][0]['load'], $first['load'], 'The truck is one.');

        $item = $rows[4]['item'];
        $answers = $this->sendTaps([
            $this->tap('load', $this->operation, ['day' => '2026-08-06', 'thing' => 'boards', 'done' => true]),
            $this->tap('load', $this->operation, ['day' => '2026-08-06', 'thing' => 'water', 'done' => true]),
            $this->tap('load', $this->operation, ['day' => '2026-08-06', 'thing' => 'water', 'done' => false]),
            $this->tap('tick', $item, ['what' => 'placed', 'done' => true]),
            $this->tap('trouble', $plan->id, ['what' => 'robbing', 'done' => true]),
            $this->tap('trouble', $plan->id, ['what' => 'snow', 'done' => true]),
            $this->tap('load', $this->operation, ['day' => 'soon', 'thing' => 'boards', 'done' => true]),
            $this->tap('load', $this->operation, ['day' => '2026-13-45', 'thing' => 'boards', 'done' => true]),
            $this->tap('load', $item, ['day' => '2026-08-06', 'thing' => 'boards', 'done' => true]),
            $this->tap('load', $this->operation, ['day' => '2026-08-06', 'thing' => '<b>', 'done' => true]),
        ]);
        self::assertSame(
            ['kept', 'kept', 'kept', 'kept', 'kept', 'refused', 'refused', 'refused', 'refused', 'refused'],
            array_column($answers, 'state'),
            (string) json_encode($answers),
        );
        self::assertSame(['boards'], LoadingTick::query()->pluck('thing')->all());
        self::assertSame(['robbing'], StopTrouble::query()->where('clearing_id', $plan->id)->pluck('what')->all());
        $after = $this->sheet()['days'][0];
        self::assertSame([false, true, false, false], array_column($after['wrong'], 'done'));
        self::assertStringContainsString('leave no honey open', implode(' ', $after['says']));
        // All its boards are on: the day is done, and the phone carries the next one only.
        self::assertSame(['2026-08-08'], array_column($this->sheet()['days'], 'on'));
        self::assertSame('2026-08-06', $plan->refresh()->first_on->format('Y-m-d'));
        $this->as('viewer');
        $answer = $this->sendTaps([
            $this->tap('load', $this->operation, ['day' => '2026-08-06', 'thing' => 'water', 'done' => true]),
        ])[0];
        self::assertStringContainsString('role', $answer['message']);
    }

    public function test_a_board_that_nobody_planned_is_a_clearing_from_then_on(): void
    {
        $sheet = $this->sheet('tegelbruket');
        [$hive, $other] = array_values(array_filter($sheet['hives'], static fn (array $one): bool => count(
            array_filter($one['boxes'], static fn (array $box): bool => $box['super']),
        ) > 1));
        $supers = array_values(array_filter($hive['boxes'], static fn (array $box): bool => $box['super']));
        $brood = $hive['boxes'][0];
        $lowest = $supers[0]['id'];
        $one = $this->superOf($sheet, $other['code'])['id'];
        $answers = $this->sendTaps([
            $this->tap('board-on', $hive['id'], ['under' => $lowest]),
            $this->tap('board-on', $hive['id'], ['under' => $supers[1]['id']]),
            $this->tap('board-on', $other['id'], ['under' => $brood['id']]),
            $this->tap('board-on', $other['id'], ['under' => $lowest]),
            $this->tap('board-on', $other['id'], []),
            $this->tap('board-on', $other['id'], ['under' => $one]),
        ]);
        self::assertSame(
            ['kept', 'refused', 'refused', 'refused', 'refused', 'kept'],
            array_column($answers, 'state'),
            (string) json_encode($answers),
        );
        self::assertStringContainsString('in a clearing already', $answers[1]['message']);
        self::assertStringContainsString("Hive $other[code] has no such super", $answers[2]['message']);
        self::assertStringContainsString('under which super', $answers[4]['message']);
        $clearing = Clearing::query()->where('state', 'placed')->with('items')->latest('id')->firstOrFail();
        self::assertSame(['2026-08-04', '2026-08-06'], [
            $clearing->first_on->format('Y-m-d'),
            $clearing->second_on?->format('Y-m-d'),
        ]);
        $ids = array_column([...$supers, ...array_filter($other['boxes'], static fn (array $box): bool => $box['super'])], 'id');
        self::assertEqualsCanonicalizing($ids, $clearing->items->pluck('box_id')->all(), 'Both boards are one clearing.');
        self::assertEqualsCanonicalizing($ids, array_keys($clearing->frozen->verdicts));
        // 6 minutes a board, 3.5 a super (common practice).
        self::assertEqualsWithDelta(12.0 + 3.5 * count($ids), $clearing->person_minutes, 0.01);
        $days = array_column($this->sheet('tegelbruket')['days'], null, 'on');
        self::assertSame('supers in', $days['2026-08-06']['aim']);
        $this->get('/yards/tegelbruket/'.$hive['code'])->assertOk()->assertSee('An escape board was put on');
        $this->get("/clear/plans/$clearing->id")->assertOk();
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertCount(count($supers), $clearing->refresh()->items, 'The last board is off again.');
    }

    public function test_a_gap_looks_like_no_other_frame(): void
    {
        $box = $this->superOf($this->sheet(), 'E1');
        $versions = array_column($box['painted'], 'version', 'slot');
        $answers = $this->sendTaps([
            $this->off('ekbacken', $box, 3),
            $this->tap('frame', $box['id'], self::frame(5, 0.9), version: $versions[5] ?? 0),
            $this->tap('alike', $box['id'], ['slot' => 5]),
        ]);
        self::assertArrayNotHasKey(3, $answers[2]['versions'] ?? []);
        self::assertSame([3], $this->superOf($this->sheet(), 'E1')['gap_slots'], 'By the phone.');
        $other = $this->superOf($this->sheet(), 'E2');
        self::assertSame('kept', $this->sendTaps([$this->off('ekbacken', $other, 4)])[0]['state']);
        $this->send('POST', '/short-notes', ['notes' => 'E2 1: all=8'])->assertStatus(303);
        $noted = $this->superOf($this->sheet(), 'E2');
        self::assertSame([4], $noted['gap_slots'], 'By a note.');
        DB::table('operations')->where('id', $this->operation)->update(['demo_today' => '2026-08-05']);
        $this->demo();
        $this->send('POST', "/assess/boxes/$other[id]/alike", ['what' => 'before'])->assertStatus(303);
        self::assertSame([4], $this->superOf($this->sheet(), 'E2')['gap_slots'], 'As it was before.');
    }

    public function test_what_the_phone_shows_does_not_change_by_what_of_it_was_sent(): void
    {
        $this->plan('ekbacken', 'escape-board', '2026-08-06', '2026-08-08', ['E3' => 1, 'E1' => 1]);
        $box = $this->superOf($this->sheet(), 'E1');
        $this->sendTaps([$this->off('ekbacken', $box, 3), $this->off('ekbacken', $box, 4)]);
        DB::table('operations')->where('id', $this->operation)->update(['demo_today' => '2026-08-06']);
        $this->demo();
        $sheet = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($sheet, (string) json_encode($this->sheet()));
        $state = "$sheet.mjs";
        copy(resource_path('js/field-state.js'), $state);
        $rounds = Depth::of(15, 60);
        exec(sprintf(
            'node %s %s %s %d 2>&1',
            escapeshellarg(__DIR__.'/phone-state.mjs'),
            escapeshellarg($state),
            escapeshellarg($sheet),
            $rounds,
        ), $said, $code);
        unlink($sheet);
        unlink($state);
        self::assertSame([0, [(string) (25 * $rounds)]], [$code, $said], implode("\n", array_slice($said, 0, 30)));
    }

    public function test_a_hive_that_was_lifted_is_weighed_for_its_stores_on_its_day(): void
    {
        $hive = Hive::query()->where('code', 'E2')->firstOrFail();
        $yesterday = ['how' => 'both-sides', 'first_kg' => 26.0, 'second_kg' => 27.5, 'frames_of_bees' => 9];
        $answers = $this->sendTaps([
            $this->tap('heft', $hive->id, $yesterday, 86400000.0),
            $this->tap('heft', $hive->id, ['first_kg' => 1.0, 'second_kg' => 2.0] + $yesterday),
            $this->tap('heft', $hive->id, ['second_kg' => null] + $yesterday),
            $this->tap('heft', $hive->id, ['how' => 'guess'] + $yesterday),
        ]);
        $states = ['kept', 'refused', 'refused', 'refused'];
        self::assertSame($states, array_column($answers, 'state'), (string) json_encode($answers));
        self::assertStringContainsString('is too little', $answers[1]['message']);
        $kept = HiveWeighing::query()->where('hive_id', $hive->id)->latest('id')->firstOrFail();
        self::assertSame('2026-08-03', $kept->weighed_on->format('Y-m-d'));
        $empty = [];
        foreach (app(YardReader::class)->one(Apiary::query()->where('slug', 'ekbacken')->firstOrFail())->hives['E2']->boxes as $box) {
            $empty[] = $box->fitted->kind->emptyMassKg;
        }
        $known = HiveWeight::of('both-sides', [26.0, 27.5], $empty, 9.0);
        self::assertEqualsWithDelta($known->storesKg, $kept->stores_kg, 0.001);
    }

    public function test_a_buckets_label_opens_its_line(): void
    {
        $lot = Lot::query()->whereHas('buckets')->with('buckets')->firstOrFail();
        $bucket = $lot->buckets->first();
        self::assertNotNull($bucket);
        $to = "/honey-room/$lot->id?bucket=$bucket->number";
        $this->get("/honey-room/buckets/$bucket->id")->assertRedirect("$to#bucket-$bucket->number");
        $page = (string) $this->get($to)->assertOk()->getContent();
        self::assertMatchesRegularExpression("/id=\"bucket-$bucket->number\"\s+class=\"marked\"/", $page);
        self::assertMatchesRegularExpression('/<details class="astable"\s+open/', $page);
        $this->get('/honey-room/buckets/01hzzzzzzzzzzzzzzzzzzzzzzz')->assertNotFound();
    }

    /** @return array<string, mixed> */
    private function sheet(string $yard = 'ekbacken'): array
    {
        return $this->getJson("/field/yards/$yard")->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return array<string, mixed> its lowest super
     */
    private function superOf(array $sheet, string $code): array
    {
        $hive = array_column($sheet['hives'], null, 'code')[$code];

        return array_values(array_filter($hive['boxes'], static fn (array $box): bool => $box['super']))[0];
    }

    /** @param  array<string, mixed>  $box */
    private static function fullSlot(array $box): ?int
    {
        foreach ($box['look']['frames'] ?? [] as $frame) {
            $isFree = $frame['a']['brood'] + $frame['b']['brood'] <= 0.0;
            if ($isFree && $frame['a']['capped'] + $frame['b']['capped'] > 0.3 && ! $frame['gone']) {
                return $frame['slot'];
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $box
     * @param  array<string, mixed>  $mark
     * @return array<string, mixed>
     */
    private function off(string $yard, array $box, int $slot, array $mark = []): array
    {
        return $this->tap('frame-off', $box['id'], $mark + ['yard' => $yard, 'slot' => $slot]);
    }
}
