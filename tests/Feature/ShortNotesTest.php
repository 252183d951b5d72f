<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\YardReader;
use App\Models\Assessment;
use App\Models\Decision;
use App\Models\FrameLook;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\MoistureReading;
use App\Models\ScaleWeight;
use Illuminate\Support\Facades\DB;

/** Notes from a lid become the records that the pages would have made. */
final class ShortNotesTest extends FeatureTestCase
{
    private const TABLES = [
        'assessments',
        'frame_looks',
        'moisture_readings',
        'decisions',
        'hive_notes',
        'scale_weights',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->as('keeper');
    }

    public function test_many_lines_are_kept_as_one_and_undone_as_one(): void
    {
        $count = fn (): array => array_map(
            static fn (string $table): int => DB::table($table)->whereNull('deleted_at')->count(),
            self::TABLES,
        );
        $before = $count();
        $notes = "E3 2: 5=8/9 6=9 rain; w 17.2; take\nE7 top all=9 4=6+2/8 dry stay (for the bees)\n"
            .'E2 kg 61.5 queen "wasps at the stand"';
        $this->send('POST', '/short-notes', ['notes' => $notes])->assertStatus(303)->assertSessionHas('saved');
        $box = $this->super('E3', 2);
        $look = Assessment::query()->where('box_id', $box)->latest('looked_at')->firstOrFail();
        self::assertSame('2026-08-04', $look->looked_on->format('Y-m-d'));
        self::assertSame('failed', $look->shake);
        $frames = FrameLook::query()->where('assessment_id', $look->id)->get()->keyBy('slot');
        self::assertSame([0.8, 0.9], [$frames[5]->a->capped, $frames[5]->b->capped]);
        self::assertSame([0.9, 0.9], [$frames[6]->a->capped, $frames[6]->b->capped]);
        self::assertSame(17.2, (float) MoistureReading::query()->where('assessment_id', $look->id)->latest('id')->value('value'));
        self::assertSame('take', Decision::query()->where('box_id', $box)->latest('id')->value('choice'));
        $top = Assessment::query()->where('box_id', $this->super('E7', null))->latest('looked_at')->firstOrFail();
        $seen = FrameLook::query()->where('assessment_id', $top->id)->get();
        self::assertSame(1, $seen->where('glanced', false)->count());
        self::assertSame(0.2, $seen->firstWhere('slot', 4)?->a->open);
        self::assertSame('for the bees', Decision::query()->where('box_id', $top->box_id)->latest('id')->value('note'));
        $hive = Hive::query()->where('code', 'E2')->value('id');
        self::assertSame(61.5, (float) ScaleWeight::query()->where('hive_id', $hive)->latest('id')->value('kg'));
        self::assertSame(
            ['queen-seen', 'note'],
            HiveNote::query()->where('hive_id', $hive)->orderBy('id')->pluck('what')->all(),
        );
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($before, $count());
    }

    public function test_a_note_and_a_painted_frame_make_the_same_verdict(): void
    {
        $box = $this->super('E4', 2);
        $face = ['capped' => 0.8, 'open' => 0.1];
        $this->send('POST', '/short-notes', ['notes' => 'E4 2 5=8+1 7=8+1 dry']);
        $noted = $this->verdict('E4', $box);
        $this->send('POST', '/undo');
        foreach ([5, 7] as $slot) {
            $this->send('PUT', "/assess/boxes/$box/frames/$slot", ['a' => $face, 'b' => $face]);
        }
        $this->send('PUT', "/assess/boxes/$box/shake", ['shake' => 'passed']);
        self::assertEquals($this->verdict('E4', $box), $noted);
    }

    public function test_four_tenths_and_rain_are_never_a_full_super(): void
    {
        $box = $this->super('E4', 2);
        $address = "/assess/ekbacken/E4?box=$box&slot=5";
        $this->send('POST', '/short-notes', ['notes' => 'E4 2: 5=4 all=4 w 17.2 rain'])->assertStatus(303);
        $this->get($address)
            ->assertDontSee('The honey is ripe.')
            ->assertSee('you did not say what is not capped')
            ->assertSee('Nectar rains from a shaken frame');
        self::assertNull(FrameLook::query()->latest('id')->firstOrFail()->getRawOriginal('a_open'));
        // The form of figures leaves it so, and says it.
        $shares = ['capped' => '40', 'open' => '', 'brood' => '', 'pollen' => ''];
        $percent = ['unit' => 'percent', 'a' => $shares, 'b' => ['open' => '30'] + $shares];
        $this->send('PUT', "/assess/boxes/$box/frames/6", $percent)->assertStatus(303);
        $six = FrameLook::query()->where('slot', 6)->latest('updated_at')->firstOrFail();
        self::assertFalse($six->a->restStated);
        self::assertSame(0.3, $six->b->open);
        // Rests said to be empty: then there is no open honey that could be wet.
        $this->send('POST', '/short-notes', ['notes' => 'E4 2: '.implode(' ', array_map(
            static fn (int $slot): string => "$slot=4e",
            range(1, 10),
        ))])->assertStatus(303);
        $this->get($address)->assertDontSee('you did not say what is not capped');
    }

    public function test_nectar_that_rained_is_not_taken_until_open_cells_are_read(): void
    {
        $box = $this->super('E4', 2);
        $full = implode(' ', array_map(static fn (int $slot): string => "$slot=f", range(1, 10)));
        $this->send('POST', '/short-notes', ['notes' => "E4 2: $full rain; w 17.2; w 17.1"])->assertStatus(303);
        $address = "/assess/ekbacken/E4?box=$box";
        $this->get($address)->assertDontSee('The honey is ripe.')->assertSee('Nectar rains from a shaken frame');
        $this->send('POST', '/short-notes', ['notes' => 'E4 2: w 17.3o'])->assertStatus(303);
        $this->get($address)->assertSee('The honey is ripe.')->assertDontSee('Nectar rains');
        // The form says the same.
        $this->send('POST', '/undo')->assertStatus(303);
        $reading = ['value' => '17.3', 'scale' => 'water'];
        $this->send('POST', "/assess/boxes/$box/readings", $reading + ['cells' => 'capped'])->assertStatus(303);
        $this->get($address)->assertDontSee('The honey is ripe.');
        $this->send('POST', "/assess/boxes/$box/readings", $reading + ['cells' => 'open'])->assertStatus(303);
        $this->get($address)->assertSee('The honey is ripe.');
    }

    public function test_a_paper_of_another_day_is_dated_then(): void
    {
        $this->send('POST', '/short-notes', ['notes' => 'E3 1: 5=4', 'on' => '2026-07-30'])->assertStatus(303);
        $look = Assessment::query()->where('box_id', $this->super('E3', 1))->where('looked_on', '2026-07-30')->first();
        self::assertNotNull($look);
        $this->send('POST', '/short-notes', ['notes' => 'E3 1: 5=4', 'on' => '2027-07-30'], from: '/short-notes')
            ->assertStatus(422)
            ->assertSee('in the future');
    }

    public function test_a_word_that_cannot_be_read_is_shown_and_nothing_is_lost_or_kept(): void
    {
        $before = DB::table('frame_looks')->count();
        $notes = "E3 2: 5=8/9 hmm\nX99 1 take\nE3 9 take\nE3 2 11=5";
        $page = $this->send('POST', '/short-notes', ['notes' => $notes], from: '/short-notes')->assertStatus(422);
        $page->assertSee('<mark>hmm</mark>', false)->assertSee('<mark>X99</mark>', false);
        $page->assertSee('E3 2: 5=8/9 hmm')->assertSee('Hive E3 has supers 1 to 4')->assertSee('frames 1 to 10');
        self::assertSame($before, DB::table('frame_looks')->count());
        $this->send('POST', '/short-notes', ['notes' => " \n# nothing"], from: '/short-notes')->assertStatus(422);
        $this->send('POST', '/short-notes/preview', ['notes' => 'E3 2: 5=8/9'])->assertOk()->assertSee('frame 5: A 80');
        $this->call('POST', '/short-notes/preview', ['notes' => 'E3 2: 5=8'], server: ['HTTP_HX_REQUEST' => 'true'])
            ->assertOk()
            ->assertSee('id="preview"', false)
            ->assertDontSee('<html', false);
        self::assertSame($before, DB::table('frame_looks')->count());
    }

    private function super(string $hive, ?int $number): string
    {
        $apiary = \App\Models\Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $supers = app(YardReader::class)->hive($apiary, $hive)?->supers() ?? [];

        return $supers[($number ?? count($supers)) - 1]->id;
    }

    /** @return array<string, mixed> */
    private function verdict(string $hive, string $box): array
    {
        $apiary = \App\Models\Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $state = app(YardReader::class)->hive($apiary, $hive)?->box($box);
        self::assertNotNull($state);

        return [$state->verdict(), $state->ripeness->pPolicyMet, $state->honey->kg];
    }
}
