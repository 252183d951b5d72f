<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\Clearing;
use App\Models\Harvest;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\TakenSuper;
use Illuminate\Support\Str;

/** One super from the painter to a bar in Compare, through the pages' own forms. */
final class SliceTest extends FeatureTestCase
{
    public function test_a_super_goes_from_the_painter_to_compare(): void
    {
        $this->as('keeper')->demo();
        $box = $this->superOf('E4');
        $this->get('/assess/ekbacken/E4?box='.$box->id)
            ->assertOk()
            ->assertSee('before you decide.');

        foreach ([3, 4, 5, 6, 7, 8] as $slot) {
            $face = ['capped' => 0.95, 'open' => 0.03];
            $this->paint($box, $slot, ['a' => $face, 'b' => $face])
                ->assertOk()
                ->assertJsonPath('version', 1);
        }
        $this->send('PUT', "/assess/boxes/$box->id/shake", ['shake' => 'passed'])->assertStatus(303);
        foreach (['17.0', '17.2'] as $value) {
            $this->send('POST', "/assess/boxes/$box->id/readings", [
                'scale' => 'water',
                'value' => $value,
            ])->assertStatus(303);
        }
        $this->get('/assess/ekbacken/E4?box='.$box->id)->assertSee('Take this super. The honey is ripe.');

        $this->send('POST', "/winter/boxes/$box->id/decisions", [
            'choice' => 'take',
            'note' => 'Fed in September as every year.',
        ])->assertStatus(303);
        $this->get('/clear/ekbacken')->assertOk()->assertSee($box->id);
        $this->send('POST', '/clear/ekbacken/plans', ['method' => 'brush', 'boxes' => [$box->id]])->assertStatus(303);
        $plan = Clearing::query()->latest('id')->firstOrFail();
        self::assertSame('take', $plan->frozen->verdictOf($box->id)->toArray()['verdict'] ?? null);
        $this->get("/clear/plans/$plan->id")
            ->assertOk()
            ->assertSee($box->mark);

        $this->moveTo($plan->first_on->format('Y-m-d'));
        $this->send('PUT', "/clear/plans/$plan->id/collected")->assertStatus(303);
        $lot = Lot::query()->latest('id')->firstOrFail();
        self::assertNull(Box::query()->findOrFail($box->id)->place()->first());
        $taken = TakenSuper::query()
            ->where('box_id', $box->id)
            ->whereHas('harvest', fn ($harvest) => $harvest->whereKey($lot->harvest_id))
            ->firstOrFail();
        self::assertSame('take', $taken->frozen->toArray()['verdict'] ?? null);

        $this->tickTheList();
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '16.4', 'tare' => '1.2'])->assertStatus(303);
        self::assertEqualsWithDelta(15.2, (float) $taken->refresh()->allotted_kg, 1e-3);
        $this->get("/honey-room/$lot->id")
            ->assertOk()
            ->assertSee('15.2');
        $this->get('/compare?hive=E4')->assertOk()->assertSee('E4');
        self::assertStringContainsString(
            'E4,2026',
            str_replace('Ekbacken,', '', $this->get('/compare.csv')->streamedContent()),
        );
    }

    public function test_the_demo_hangs_together(): void
    {
        $this->demo();
        foreach (
            Harvest::query()
                ->with(['lot.buckets', 'supers'])
                ->get() as $harvest
        ) {
            $lot = $harvest->lot;
            self::assertNotNull($lot);
            $weighed = $lot->buckets->sum(fn ($bucket): float => $bucket->gross_kg - $bucket->tare_kg) + $lot->loss_kg;
            self::assertEqualsWithDelta($weighed, $harvest->supers->sum('allotted_kg'), 0.02, $harvest->name);
        }
        self::assertSame(32, Harvest::query()->count());
        self::assertSame(27, Hive::query()->count());
    }

    public function test_a_new_operation_is_led_through_its_first_yard(): void
    {
        $this->post('/sign-up', [
            'name' => 'New',
            'email' => 'new@demo.example',
            'password' => 'ten-letters',
            'password_confirmation' => 'ten-letters',
        ])->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => 'new@demo.example', 'password' => 'ten-letters'])->assertRedirect('/');
        $this->get('/')->assertRedirect('/start');
        $yard = [
            'name' => 'Hill',
            'letter' => 'h',
            'latitude' => '-37.5',
            'longitude' => '145',
            'hives' => '2',
            'brood_kind' => 'langstroth-deep-8',
            'brood_boxes' => '1',
            'super_kind' => 'langstroth-medium-8',
            'supers' => '2',
        ];
        $asked = ['operation' => 'Ours', 'refractometer' => 'no', 'winter_school' => 'full-super'];
        $this->send('POST', '/start', $yard + ['refractometer' => 'maybe'], from: '/start')->assertStatus(422);
        $this->send('POST', '/start', $yard + $asked, from: '/start')->assertRedirect('/assess/hill');
        self::assertMatchesRegularExpression(
            '/value="full-super"\s+checked/',
            (string) $this->get('/account/policy')->assertOk()->getContent(),
        );
        $this->get('/assess/hill')->assertSee('without a refractometer');
        $this->get('/assess/hill')->assertOk()->assertSee('H2');
        $this->get('/compare')->assertOk()->assertSee('No harvest yet');
        $this->get('/honey-room')->assertOk()->assertSee('The honey room is empty');
        $this->get('/winter/hill')->assertOk();
        $this->get('/clear/hill')->assertOk()->assertSee('no forecast');
    }

    public function test_the_southern_season_is_named_by_its_main_flow(): void
    {
        $this->as('keeper')->demo('Austral demo');
        $austral = \App\Models\Operation::query()->where('name', 'Austral demo')->firstOrFail();
        $this->send('PUT', '/account/operation', ['operation' => $austral->id])->assertStatus(303);
        $this->get('/')->assertOk()->assertSee('season 2027');
        $this->get('/winter/creek-bend')->assertOk()->assertSee('20 Oct');
    }

    public function test_pages_speak_the_persons_units(): void
    {
        $this->as('keeper')->demo();
        $this->send('PUT', '/account', [
            'name' => 'Keeper',
            'system' => 'us',
            'theme' => 'dark',
            'paper' => 'letter',
        ])->assertStatus(303);
        $this->get('/clear/ekbacken')
            ->assertOk()
            ->assertSee('lb')
            ->assertSee('°F')
            ->assertSee('data-theme="dark"', false)
            ->assertDontSee(" kg\u{202F}");
        $lot = Lot::query()->latest('id')->firstOrFail();
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '60', 'tare' => '2.5'])->assertStatus(303);
        self::assertEqualsWithDelta(
            60 * 0.45359237,
            \App\Models\Bucket::query()->where('lot_id', $lot->id)->latest('number')->firstOrFail()->gross_kg,
            1e-3,
        );
    }

    private function superOf(string $code): Box
    {
        $hive = Hive::query()->where('code', $code)->with('places.box')->firstOrFail();

        return $hive->places->where('role', 'super')->firstOrFail()->box;
    }

    /**
     * @param  array<string, array<string, float>>  $faces
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function paint(Box $box, int $slot, array $faces): \Illuminate\Testing\TestResponse
    {
        return $this->putJson("/assess/boxes/$box->id/frames/$slot", $faces, [
            'Idempotency-Key' => (string) Str::ulid(),
        ]);
    }

    private function moveTo(string $day): void
    {
        $this->send('PUT', '/account/operation-settings', [
            'name' => 'Marjoram demo',
            'time_zone' => 'Europe/Stockholm',
            'crew' => 2,
            'escape_boards' => 8,
            'fume_boards' => 2,
            'dry_room' => 1,
            'demo_today' => $day,
        ])->assertStatus(303);
        $this->demo();
    }
}
