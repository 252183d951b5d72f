<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Flow\WeightReader;
use App\Apiary\Hives\YardReader;
use App\Devices\SimulatedHive;
use App\Foundation\Sheets\CsvText;
use App\Models\Apiary;
use App\Models\FlowSign;
use App\Models\Hive;
use App\Models\HiveScale;
use App\Models\ScaleImport;
use App\Models\ScaleWeight;
use App\Pages\Watch\Scales\Mapping;
use App\Pages\Watch\Scales\ScaleFile;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;

/** Scales that send, files of scales, and what the pages make of them. */
final class ScalesTest extends FeatureTestCase
{
    private string $token = '';

    public function test_a_file_is_looked_at_read_in_and_taken_out_again(): void
    {
        $this->demo();
        $this->as('keeper');
        $scale = $this->scale();
        $file = "Datum;Uhrzeit;Gewicht (kg)\n";
        for ($day = 1; $day <= 12; $day++) {
            $file .= sprintf("%02d.07.2026;21:30;%s\n", $day, str_replace('.', ',', (string) (40.0 + 0.4 * $day)));
        }
        $file .= "13.07.2026;21:30;nichts\n99.07.2026;21:30;41,0\n01.01.2027;12:00;41,0\n";
        $answer = $this->send('POST', "/watch/scales/$scale->id/file", [
            'file' => UploadedFile::fake()->createWithContent('waage.csv', $file),
        ]);
        $answer->assertStatus(303);
        $page = $this->get((string) $answer->headers->get('Location'))->assertOk();
        $page->assertSee('12 readings would be added')
            ->assertSee('3 lines cannot be read')
            ->assertSee('Line 14: the weight cannot be read')
            ->assertSee('Line 15: the time cannot be read')
            ->assertSee('Line 16: the time is in the future');
        self::assertSame(0, $this->readings($scale));
        parse_str((string) parse_url((string) $answer->headers->get('Location'), PHP_URL_QUERY), $query);
        $this->send('POST', "/watch/scales/$scale->id/map", ['file' => $query['file']])->assertStatus(303);
        self::assertSame(12, $this->readings($scale));
        $hive = $this->weights($scale);
        self::assertCount(12, $hive[0]);
        // 21:30 in Sweden's summer.
        self::assertSame('2026-07-01T19:30:00+00:00', gmdate('c', $hive[0][0]));
        self::assertEqualsWithDelta(40.4, $hive[1][0], 1e-9);
        $import = ScaleImport::query()->where('hive_scale_id', $scale->id)->firstOrFail();
        $this->send('DELETE', "/watch/imports/$import->id")->assertStatus(303);
        self::assertSame([], $this->weights($scale));
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertCount(12, $this->weights($scale)[0]);
    }

    #[TestWith(["timestamp,weight_kg\n2026-07-01T12:00:00Z,41.5\n2026-07-01T12:15:00Z,41.6\n"])]
    #[TestWith(["Date\tTime\tWeight lbs\n07/01/2026\t2:00 PM\t91.4916\n07/31/2026\t2:15 PM\t91.712\n"])]
    #[TestWith(["Waage Nr 7|Export|\nAufgezeichnet|Uhr|Last|Temp\n01/07/26|02:00 PM|41,50|12\n31/07/26|02:15 PM|41,60|13\n"])]
    #[TestWith(["1782907200;41.5\n1782908100;41,6\n"])]
    #[TestWith(["\u{FEFF}when|hive|kilos kg\n01/07/2026 14:00:00|E4|41.5\n31/07/2026 14:15|E4|41.6\n"])]
    public function test_columns_are_guessed(string $file): void
    {
        $text = new CsvText($file);
        $read = ScaleFile::read(
            $text,
            Mapping::guessed(ScaleFile::head($text)),
            new DateTimeZone('Europe/Stockholm'),
            new DateTimeImmutable('2026-08-04'),
        );
        self::assertCount(2, $read->readings);
        self::assertSame('2026-07-01T12:00:00+00:00', gmdate('c', (int) array_key_first($read->readings)));
        self::assertEqualsWithDelta([41.5, 41.6], array_values($read->readings), 0.001);
    }

    public function test_a_scale_sends_by_batches_late_twice_and_out_of_order(): void
    {
        $this->demo();
        $scale = $this->scale();
        $at = static fn (int $i, float $kg): array => ['at' => sprintf('2026-08-0%dT12:00:00+02:00', $i), 'kg' => $kg];
        $this->asProgram($scale, ['readings' => [$at(3, 41.0), $at(1, 40.0)]])
            ->assertOk()
            ->assertJson(['accepted' => 2, 'changed' => 2, 'refused' => []]);
        $this->asProgram($scale, ['readings' => [$at(3, 41.0), $at(1, 40.0)]])->assertJson(['accepted' => 2, 'changed' => 0]);
        $this->asProgram($scale, ['readings' => [$at(2, 40.6), $at(3, 41.2), $at(3, 41.3)]])->assertJson(['accepted' => 2, 'changed' => 2]);
        self::assertEqualsWithDelta([40.0, 40.6, 41.3], $this->weights($scale)[1], 1e-9);
        $bad = [
            ['at' => '2026-08-02T13:00:00', 'kg' => 40.0],
            ['at' => '2026-08-02T13:00:00Z', 'kg' => 'heavy'],
            ['at' => '2026-08-02T13:00:00Z', 'kg' => 1200],
            ['at' => '2026-09-02T13:00:00Z', 'kg' => 40.0],
            'nothing',
            ['at' => '2026-08-02T14:00:00Z', 'kg' => 40.7],
        ];
        $answer = $this->asProgram($scale, ['readings' => $bad])->assertOk()->assertJson(['accepted' => 1]);
        self::assertSame([0, 1, 2, 3, 4], array_column((array) $answer->json('refused'), 'index'));
        self::assertSame(4, $this->readings($scale));
        $this->asProgram($scale, [])->assertStatus(422);
        $this->asProgram($scale, ['readings' => 'all'])->assertStatus(422);
    }

    public function test_a_clock_that_is_wrong_is_set_right(): void
    {
        $this->demo();
        $scale = $this->scale();
        // It is 19:42 at the demo; the device says 20:42.
        $this->asProgram($scale, [
            'sent_at' => '2026-08-04T20:42:00+02:00',
            'readings' => [['at' => '2026-08-04T20:30:00+02:00', 'kg' => 41.0]],
        ])->assertJson(['accepted' => 1, 'clock_skew_s' => 3600]);
        self::assertSame('2026-08-04T17:30:00+00:00', gmdate('c', $this->weights($scale)[0][0]));
        $this->as('keeper');
        $this->get('/watch/tegelbruket/scales')->assertSee('Its clock is');
    }

    public function test_a_secret_opens_its_own_scale_alone(): void
    {
        $this->demo();
        $one = $this->scale();
        $token = $this->token;
        $other = $this->scale();
        $this->token = $token;
        $body = ['readings' => [['at' => '2026-08-02T13:00:00Z', 'kg' => 40.0]]];
        $this->asProgram($other, $body)->assertStatus(401);
        $this->asProgram($one, $body)->assertOk();
        $this->token = '';
        $this->asProgram($one, $body)->assertStatus(401);
        $this->as('keeper');
        $page = $this->get($this->send('PUT', "/watch/scales/$one->id/secret", ['version' => 1])->headers->get('Location') ?? '/');
        self::assertSame(1, preg_match('/<code>([A-Za-z0-9]{40})<\/code>/', (string) $page->getContent(), $secret));
        $this->get('/watch/tegelbruket/scales')->assertDontSee($secret[1]);
        $this->token = $token;
        $this->asProgram($one, $body)->assertStatus(401);
        $this->token = $secret[1];
        $this->asProgram($one, $body)->assertOk();
        $one->refresh()->delete();
        $this->asProgram($one, $body)->assertStatus(401);
    }

    public function test_from_five_days_on_the_filter_judges_and_two_scales_by_their_mean(): void
    {
        $this->demo();
        $apiary = Apiary::query()->where('slug', 'tegelbruket')->firstOrFail();
        $yards = static fn (): YardReader => app()->make(YardReader::class);
        DB::table('scale_weights')->delete();
        DB::table('hive_scales')->delete();
        $scale = $this->scale('T2');
        $this->sends($scale, 4, 1.0);
        app()->forgetScopedInstances();
        $this->demo();
        self::assertNull($yards()->flow($apiary)->filter);
        $this->sends($scale, 30, 2.5);
        app()->forgetScopedInstances();
        $this->demo();
        $alone = $yards()->flow($apiary);
        self::assertNotNull($alone->filter);
        self::assertSame([], $alone->scales);
        self::assertSame('strong', $alone->phase()->value);
        $second = $this->scale('T4');
        $this->sends($second, 30, 0.1);
        app()->forgetScopedInstances();
        $this->demo();
        $both = $yards()->flow($apiary);
        self::assertCount(2, $both->scales);
        $day = '2026-08-01';
        self::assertEqualsWithDelta(
            0.5 * ($both->scales[0]->kg[$day] + $both->scales[1]->kg[$day]),
            $both->gains()[$day],
            1e-6,
        );
        $this->as('keeper');
        $this->get('/watch/tegelbruket')->assertOk()->assertSee('The mean is used');
    }

    public function test_two_hives_weighed_by_hand_each_week_are_judged_too(): void
    {
        DB::table('scale_weights')->delete();
        DB::table('hive_scales')->delete();
        $this->demo();
        $yard = Apiary::query()->where('slug', 'tegelbruket')->firstOrFail();
        foreach (['T2', 'T4'] as $code) {
            $hive = Hive::query()->where('code', $code)->value('id');
            for ($week = 0; $week < 9; $week++) {
                ScaleWeight::query()->create([
                    'apiary_id' => $yard->id,
                    'hive_id' => $hive,
                    'at' => (new DateTimeImmutable('2026-06-07 19:00'))->modify("+$week weeks"),
                    'kg' => 40.0 + ($week < 6 ? 9.0 * $week : 45.0 - ($week - 5)),
                ]);
            }
        }
        $flow = app(YardReader::class)->flow($yard);
        self::assertSame([], $flow->scales);
        self::assertGreaterThan(0.6, $flow->filter?->pOver);
        self::assertSame('2026-07', substr((string) $flow->filter->ended?->median, 0, 7));
    }

    public function test_a_flat_scale_takes_nothing_from_what_the_signs_say(): void
    {
        DB::table('scale_weights')->delete();
        DB::table('hive_weighings')->delete();
        DB::table('hive_scales')->delete();
        $this->demo();
        FlowSign::query()->get()->each(static fn (FlowSign $one) => $one->delete());
        $yard = Apiary::query()->where('slug', 'tegelbruket')->firstOrFail();
        $pOver = static fn (): float => app(YardReader::class)->flow($yard)->pOver();
        $see = static fn (string $sign, string $result) => FlowSign::query()->create([
            'apiary_id' => $yard->id,
            'sign' => $sign,
            'result' => $result,
            'seen_at' => '2026-08-02 12:00',
        ]);
        $see('robbing-test', 'robbed');
        self::assertEqualsWithDelta(0.75, $pOver(), 1e-9, 'one sign alone');
        $see('main-bloom', 'finished');
        $signs = $pOver();
        self::assertGreaterThan(0.95, $signs);
        $weighed = static fn (string $day, float $kg) => ScaleWeight::query()->create([
            'apiary_id' => $yard->id,
            'hive_id' => Hive::query()->where('code', 'T4')->value('id'),
            'at' => "$day 19:00",
            'kg' => $kg,
        ]);
        $weighed('2026-07-27', 50.0);
        $flat = $weighed('2026-08-02', 50.0);
        self::assertGreaterThan($signs - 0.001, $pOver());
        foreach (range(1, 6) as $days) {
            $weighed((new DateTimeImmutable('2026-07-27'))->modify("+$days days")->format('Y-m-d'), 50.0 + 1.5 * $days);
        }
        $flat->delete();
        self::assertLessThan($signs, $pOver(), 'nine kilograms in six days are no end');
        // Robbed combs and flat weights in early April: no flow has begun that could be over.
        $this->demo()->update(['demo_today' => '2027-04-04']);
        $this->demo();
        $weighed('2027-03-27', 30.0);
        $weighed('2027-04-02', 30.0);
        FlowSign::query()->create([
            'apiary_id' => $yard->id,
            'sign' => 'robbing-test',
            'result' => 'robbed',
            'seen_at' => '2027-04-03 12:00',
        ]);
        self::assertLessThan(0.5, $pOver());
    }

    public function test_boxes_put_on_are_no_flow(): void
    {
        $this->demo();
        DB::table('scale_weights')->delete();
        DB::table('hive_scales')->delete();
        $scale = $this->scale('T2');
        $this->sends($scale, 30, 0.4, ['2026-07-28' => 8.6]);
        $flow = app(YardReader::class)->flow(Apiary::query()->where('slug', 'tegelbruket')->firstOrFail());
        self::assertCount(1, $flow->handlings());
        self::assertEqualsWithDelta(8.6, $flow->handlings()[0]->kg, 0.3);
        self::assertEqualsWithDelta(0.4, $flow->gains()['2026-07-28'], 0.3);
        $this->as('keeper');
        $this->get('/watch/tegelbruket?span=week&on=2026-07-28')->assertOk()->assertSee('+8.');
        $this->get('/watch/tegelbruket')->assertSee('(unexplained)')->assertSee('Note it at hive T2');
    }

    public function test_a_season_at_fifteen_minutes_is_thinned_and_keeps_its_extremes(): void
    {
        $this->demo();
        $this->as('keeper');
        $page = (string) $this->get('/watch/ekbacken?span=month&on=2026-06-10')->assertOk()->getContent();
        self::assertMatchesRegularExpression('/\d{4} readings\./', $page);
        preg_match('/class="wline" d="([^"]+)"/', $page, $line);
        self::assertGreaterThan(500, substr_count($line[1], 'L'));
        self::assertLessThan(4 * 1400, substr_count($line[1], 'L'));
    }

    private function scale(string $hive = 'T2'): HiveScale
    {
        $this->token = Str::random(40);
        $of = Hive::query()->where('code', $hive)->firstOrFail();

        return HiveScale::query()->create([
            'apiary_id' => Apiary::query()->where('slug', 'tegelbruket')->value('id'),
            'hive_id' => $of->id,
            'name' => "Scale of $hive",
            'token_hash' => hash('sha256', $this->token),
        ])->refresh();
    }

    /** @param  array<string, float>  $steps */
    private function sends(HiveScale $scale, int $days, float $gain, array $steps = []): void
    {
        $now = new DateTimeImmutable('2026-08-04 19:30', new DateTimeZone('Europe/Stockholm'));
        $gains = [];
        for ($i = 0; $i <= $days; $i++) {
            $gains[$now->modify("-$i days")->format('Y-m-d')] = $gain;
        }
        $hive = new SimulatedHive(3, 40.0, $gains, $steps, isKept: false);
        $readings = [];
        foreach ($hive->readings($now->modify("-$days days"), $now, 60) as $at => $kg) {
            $readings[] = ['at' => gmdate('Y-m-d\TH:i:s\Z', $at), 'kg' => $kg];
        }
        $this->asProgram($scale, ['readings' => $readings])->assertOk()->assertJson(['refused' => []]);
        $this->demo();
    }

    /** @param  array<string, mixed>  $body */
    private function asProgram(HiveScale $scale, array $body): \Illuminate\Testing\TestResponse
    {
        return $this->withToken($this->token)->postJson("/api/v1/scales/$scale->id/readings", $body);
    }

    private function readings(HiveScale $scale): int
    {
        return DB::table('scale_readings')->where('hive_scale_id', $scale->id)->count();
    }

    /** @return array{list<int>, list<float>}|array{} as the pages read them */
    private function weights(HiveScale $scale): array
    {
        $this->demo();

        return app(WeightReader::class)->raw(
            $scale->apiary_id,
            new DateTimeImmutable('2026-06-01'),
            new DateTimeImmutable('2026-08-05'),
        )[$scale->hive_id] ?? [];
    }
}
