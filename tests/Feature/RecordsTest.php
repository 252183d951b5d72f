<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\BoxKindRow;
use App\Models\BucketKind;
use App\Models\Colony;
use App\Models\ColonyFact;
use App\Models\Decision;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\Queen;
use App\Models\TakenSuper;
use App\Models\WinterLook;

/** Every record can be corrected and removed. */
final class RecordsTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_an_own_box_kind_is_put_on_a_hive_and_calculated_with(): void
    {
        $kind = [
            'name' => 'Half deep',
            'frames' => 8,
            'comb_length' => 400,
            'comb_height' => 130,
            'inside_width' => 300,
            'external_height' => 150,
            'external_length' => 480,
            'external_width' => 340,
            'empty_mass' => 4,
        ];
        $this->send('POST', '/yards/kinds', ['external_width' => 290] + $kind, from: '/yards')->assertStatus(422);
        $this->send('POST', '/yards/kinds', $kind)->assertStatus(303);
        $hive = Hive::query()->where('code', 'E9')->firstOrFail();
        $this->send('POST', "/yards/hives/$hive->id/boxes", [
            'kind' => 'own-half-deep',
            'role' => 'super',
        ])->assertStatus(303);
        $this->get('/yards/ekbacken/E9')->assertOk()->assertSeeInOrder(['Half deep', '8 frames fitted']);
        $row = BoxKindRow::query()->where('key', 'own-half-deep')->firstOrFail();
        $this->send('DELETE', "/yards/kinds/$row->id", from: '/yards')
            ->assertStatus(422)
            ->assertSee('Boxes of this kind exist');
        self::assertSame(1, Box::query()->where('kind', 'own-half-deep')->count());
    }

    public function test_queens_are_corrected_given_and_removed(): void
    {
        $colony = Colony::query()->whereNotNull('queen_id')->with('hive')->firstOrFail();
        $old = Queen::query()->findOrFail($colony->queen_id);
        $this->send('PUT', "/yards/queens/$old->id", [
            'code' => 'Q-1',
            'line' => 'L9',
            'year' => 2024,
            'version' => $old->version,
        ])->assertStatus(303);
        $this->send(
            'PUT',
            "/yards/queens/$old->id",
            ['code' => 'Q-2', 'line' => 'L9', 'year' => 2025, 'version' => $old->version],
            from: '/yards',
        )->assertStatus(409);
        $this->send('DELETE', "/yards/queens/$old->id", from: '/yards')
            ->assertStatus(422)
            ->assertSee('heads a colony');
        $this->send('PUT', "/yards/hives/$colony->hive_id/queen", [
            'code' => 'NEW-1',
            'line' => 'L2',
            'year' => 2026,
        ])->assertStatus(303);
        self::assertSame('NEW-1', Colony::query()->with('queen')->findOrFail($colony->id)->queen?->code);
        $this->send('DELETE', "/yards/queens/$old->id")->assertStatus(303);
        $fact = ColonyFact::query()
            ->where('kind', 'requeened')
            ->where('colony_id', $colony->id)
            ->latest('happened_on')
            ->firstOrFail();
        $this->send('DELETE', "/yards/facts/$fact->id")->assertStatus(303);
        self::assertSame(0, ColonyFact::query()->whereKey($fact->id)->count());
    }

    public function test_what_no_scale_has_weighed_is_asked_in_frames_or_left_out(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $look = ['frames_of_bees' => '9', 'honey_frames' => '3', 'brood_honey' => '1', 'how' => 'estimated'];
        $this->send('POST', "/winter/hives/$hive->id/looks", $look)->assertStatus(303);
        $kg = WinterLook::query()->where('hive_id', $hive->id)->latest('id')->value('brood_honey_kg');
        // Common practice: a full deep frame holds about 2.7 kg (6 lb).
        self::assertEqualsWithDelta(8.1, (float) $kg, 1.0);
        $this->send('POST', '/honey-room/equipment/buckets', ['name' => 'Pail', 'holds' => '12.5'])->assertStatus(303);
        self::assertEqualsWithDelta(0.56, (float) BucketKind::query()->where('name', 'Pail')->value('tare_kg'), 0.01);
    }

    public function test_a_winter_look_changes_the_need_and_may_be_removed(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $before = WinterLook::query()->where('hive_id', $hive->id)->count();
        $this->send('POST', "/winter/hives/$hive->id/looks", [
            'frames_of_bees' => '14',
            'brood_honey' => '21.5',
            'how' => 'measured',
        ])->assertStatus(303);
        $this->get('/winter/ekbacken/E1')->assertOk()->assertSee('14 frames of bees')->assertSee('measured');
        $this->send(
            'POST',
            "/winter/hives/$hive->id/looks",
            ['frames_of_bees' => '140', 'how' => 'measured'],
            from: '/winter/ekbacken/E1',
        )->assertStatus(422);
        $look = WinterLook::query()->where('hive_id', $hive->id)->latest('looked_on')->firstOrFail();
        $this->send('DELETE', "/winter/looks/$look->id")->assertStatus(303);
        self::assertSame($before, WinterLook::query()->where('hive_id', $hive->id)->count());
    }

    public function test_a_super_needed_for_winter_asks_for_a_reason_and_the_calculation_can_stand_again(): void
    {
        $page = (string) $this->get('/winter/ekbacken/E1')->assertOk()->assertSee('take it anyway')->getContent();
        preg_match('#/winter/boxes/(\w+)/decisions"(?:(?!</form>).)*name="choice" value="take"#s', $page, $box);
        $this->send('POST', "/winter/boxes/$box[1]/decisions", ['choice' => 'take'], from: '/winter/ekbacken/E1')
            ->assertStatus(422)
            ->assertSee('needed for winter');
        $this->send('POST', "/winter/boxes/$box[1]/decisions", ['choice' => 'take', 'note' => 'fed'])->assertStatus(
            303,
        );
        $this->get('/winter/ekbacken/E1')->assertSee('Your decision: it comes off.');
        $decision = Decision::query()->where('stage', 'winter')->firstOrFail();
        self::assertTrue($decision->frozen['needed']);
        $this->send('DELETE', "/winter/decisions/$decision->id")->assertStatus(303);
        $this->get('/winter/ekbacken/E1')->assertSee('take it anyway')->assertDontSee('Your decision: it comes off.');
    }

    public function test_a_lot_made_by_mistake_goes_with_all_it_holds(): void
    {
        $lot = Lot::query()->with('harvest')->firstOrFail();
        $crop = TakenSuper::query()->count();
        $this->send('DELETE', "/honey-room/$lot->id")->assertStatus(303);
        self::assertSame(0, TakenSuper::query()->where('harvest_id', $lot->harvest_id)->count());
        $this->get("/honey-room/$lot->id")->assertNotFound();
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($crop, TakenSuper::query()->count());
        $this->get("/honey-room/$lot->id")->assertOk();
    }
}
