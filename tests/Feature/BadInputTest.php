<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Bucket;
use App\Models\FrameLook;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\MoistureReading;
use App\Models\ScaleWeight;
use App\Models\TakenSuper;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** A clear message at the field, 422, what was entered kept, nothing half saved. */
final class BadInputTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_shares_over_one(): void
    {
        $box = $this->box();
        $before = FrameLook::query()->count();
        $this->putJson(
            "/assess/boxes/$box->id/frames/1",
            ['a' => ['capped' => 0.8, 'open' => 0.4], 'b' => ['capped' => 0.1]],
            ['Idempotency-Key' => (string) Str::ulid()],
        )
            ->assertStatus(422)
            ->assertJsonPath('errors.a.0', 'Face A adds up to 120 %; at most 100 % is allowed.');
        $this->send(
            'PUT',
            "/assess/boxes/$box->id/frames/1",
            ['a' => ['capped' => '1.7'], 'b' => ['capped' => '0.1']],
            from: '/assess/ekbacken/E4?box='.$box->id,
        )
            ->assertStatus(422)
            ->assertSee('A part of a face must be between 0 and 1')
            ->assertSee('value="1.7"', false);
        $this->putJson(
            "/assess/boxes/$box->id/frames/11",
            ['a' => ['capped' => 0.8], 'b' => ['capped' => 0.1]],
            ['Idempotency-Key' => (string) Str::ulid()],
        )
            ->assertStatus(422)
            ->assertJsonFragment(['message' => 'This box has frames 1 to 10, but no frame 11.']);
        self::assertSame($before, FrameLook::query()->count());
    }

    public function test_a_gross_weight_under_its_tare_is_shown_at_the_field_and_kept(): void
    {
        $lot = Lot::query()->firstOrFail();
        $before = Bucket::query()->count();
        $this->send(
            'POST',
            "/honey-room/$lot->id/buckets",
            ['gross' => '1.0', 'tare' => '1.2'],
            from: "/honey-room/$lot->id",
        )
            ->assertStatus(422)
            ->assertSee('The bucket weighs less than its tare')
            ->assertSee('value="1.0"', false)
            ->assertSee('aria-invalid="true"', false);
        self::assertSame($before, Bucket::query()->count());
    }

    public function test_a_moisture_of_180_and_a_reading_in_another_scale(): void
    {
        $box = $this->box();
        $before = MoistureReading::query()->count();
        $page = '/assess/ekbacken/E4?box='.$box->id;
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'water', 'value' => '180'], from: $page)
            ->assertStatus(422)
            ->assertSee('allowed: 10 to 30');
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'nd', 'value' => '17.5'], from: $page)
            ->assertStatus(422)
            ->assertSee('allowed: 1.44 to 1.52');
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['scale' => 'kilo', 'value' => '17.5'],
            from: $page,
        )->assertStatus(422);
        $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['scale' => 'water', 'value' => '17', 'temperature' => '90'],
            from: $page,
        )
            ->assertStatus(422)
            ->assertSee('allowed: 5 to 45');
        self::assertSame($before, MoistureReading::query()->count());
    }

    public function test_a_box_on_two_hives_at_once(): void
    {
        $box = $this->box();
        $other = Hive::query()->where('code', 'E9')->firstOrFail();
        $this->send(
            'POST',
            "/yards/hives/$other->id/boxes",
            ['box' => $box->id, 'role' => 'super'],
            from: '/yards/ekbacken/E9',
        )
            ->assertStatus(422)
            ->assertSee('Take it off there first, or move it.');
        self::assertSame(1, BoxPlace::query()->where('box_id', $box->id)->whereNull('until')->count());
    }

    public function test_dates_that_are_not_and_days_to_come(): void
    {
        $hive = Hive::query()->where('code', 'E9')->firstOrFail();
        $this->send(
            'POST',
            "/yards/hives/$hive->id/boxes",
            ['kind' => 'langstroth-medium-10', 'role' => 'super', 'since' => '2026-02-30'],
            from: '/yards/ekbacken/E9',
        )->assertStatus(422);
        $this->send(
            'POST',
            "/yards/hives/$hive->id/facts",
            ['kind' => 'swarmed', 'happened_on' => '2027-05-01'],
            from: '/yards/ekbacken/E9',
        )
            ->assertStatus(422)
            ->assertSee('in the future');
        $this->send(
            'POST',
            '/watch/ekbacken/weights',
            ['weight' => '40', 'hive' => 'none', 'at' => 'yesterday'],
            from: '/watch/ekbacken',
        )->assertStatus(422);
        $this->send(
            'POST',
            '/watch/ekbacken/weights',
            ['weight' => '4000', 'at' => '2026-08-04T18:00'],
            from: '/watch/ekbacken',
        )->assertStatus(422);
        self::assertSame(0, ScaleWeight::query()->where('kg', '>', 400)->count());
        $this->send(
            'POST',
            '/yards/ekbacken/treatments',
            ['what' => 'x', 'supers_off_by' => '2026-08-20', 'may_return' => '2026-08-10'],
            from: '/yards/ekbacken',
        )->assertStatus(422);
    }

    public function test_a_super_heavier_after_spinning(): void
    {
        $super = TakenSuper::query()->with('harvest.lot')->firstOrFail();
        $this->send(
            'PUT',
            "/honey-room/supers/$super->id",
            ['before' => '12', 'after' => '14'],
            from: '/honey-room/'.$super->harvest->lot?->id,
        )
            ->assertStatus(422)
            ->assertSee('cannot weigh more after spinning');
    }

    public function test_an_upload_where_none_belongs_and_arrays_for_words(): void
    {
        $this->from('/watch/ekbacken')
            ->call(
                'POST',
                '/watch/ekbacken/weights',
                ['_key' => (string) Str::ulid(), 'at' => '2026-08-04T18:00'],
                [],
                ['weight' => UploadedFile::fake()->create('a.txt', 1)],
            )
            ->assertStatus(422);
        $this->send(
            'POST',
            '/watch/ekbacken/signs',
            ['seen' => ['main-bloom:on']],
            from: '/watch/ekbacken',
        )->assertStatus(422);
        $this->send(
            'POST',
            '/yards',
            ['name' => ['x'], 'letter' => str_repeat('x', 400)],
            from: '/yards',
        )->assertStatus(422);
    }

    public function test_an_overrule_without_a_reason(): void
    {
        $box = $this->box();
        $this->send(
            'POST',
            "/assess/boxes/$box->id/decisions",
            ['choice' => 'take'],
            from: '/assess/ekbacken/E4?box='.$box->id,
        )
            ->assertStatus(422)
            ->assertSee('Say in a few words');
    }

    public function test_a_plan_for_supers_that_do_not_come_off(): void
    {
        $this->send(
            'POST',
            '/clear/ekbacken/plans',
            ['method' => 'brush', 'boxes' => [$this->box()->id]],
            from: '/clear/ekbacken',
        )
            ->assertStatus(422)
            ->assertSee('not ripe');
        $this->send(
            'POST',
            '/clear/ekbacken/plans',
            ['method' => 'magic', 'boxes' => []],
            from: '/clear/ekbacken',
        )->assertStatus(422);
    }

    public function test_unknown_pages_and_foreign_names_are_not_found(): void
    {
        foreach (
            [
                '/assess/nowhere',
                '/assess/ekbacken/T1x',
                '/honey-room/01ARZ3NDEKTSV4RRFFQ69G5FAV',
                '/clear/plans/1',
                "/assess/ekbacken'--",
                '/nothing',
            ] as $url
        ) {
            $this->get($url)->assertNotFound();
        }
        $this->get('/assess/ekbacken/T1')->assertRedirect('/assess/tegelbruket/T1');
        $this->get('/assess/ekbacken/E4?box=01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertNotFound();
        $this->get('/compare?season=abc&sort=drop&yard[]=x')->assertOk();
    }

    private function box(): Box
    {
        return Hive::query()
            ->where('code', 'E4')
            ->with('places.box')
            ->firstOrFail()
            ->places->where('role', 'super')
            ->firstOrFail()->box;
    }
}
