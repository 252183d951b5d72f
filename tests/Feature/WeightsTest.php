<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Flow\WeightReader;
use App\Models\Apiary;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Models\ScaleWeight;
use DateTimeImmutable;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Reserve\HiveWeight;

/** A weight is noted once: it tells of the flow and of the stores, and is held against the boxes as drawn. */
final class WeightsTest extends FeatureTestCase
{
    use SmallOperation;

    private Apiary $yard;

    private Hive $hive;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $this->yard = $this->apiary();
        $this->hive = $this->hive($this->yard, 'L1', supers: 1);
    }

    public function test_a_weight_from_watch_says_what_stores_there_are(): void
    {
        $this->seen($this->super($this->hive, 1), new Face(0.02));
        $this->get('/winter/lime-row/L1')->assertSee('Its stores are not inspected.');
        // A deep and a medium with 20 kg of honey: the tare by hand, as HiveWeight has it.
        $kinds = ['langstroth-deep-10', 'langstroth-medium-10'];
        $empty = array_map(static fn (string $kind): float => BoxKinds::get($kind)->emptyMassKg, $kinds);
        $tare = array_sum($empty) + HiveWeight::FLOOR_AND_ROOF_KG + 9.0 * HiveWeight::BEES_KG_PER_FRAME
            + HiveWeight::POLLEN_KG;
        $this->send('POST', '/watch/lime-row/weights', $this->weight($tare + 20.0))->assertStatus(303);
        $page = $this->get('/winter/lime-row/L1')->assertDontSee('Its stores are not inspected.')->assertSee('from the scale');
        $winter = $page->viewData('page')->winter;
        self::assertTrue($winter->stores->isMeasured());
        self::assertEqualsWithDelta(20.0, $winter->reserve->storesKg, 0.5);
        // Removed on Watch, it is gone here too.
        $this->send('DELETE', '/watch/weights/'.ScaleWeight::query()->sole()->id)->assertStatus(303);
        $this->get('/winter/lime-row/L1')->assertSee('Its stores are not inspected.');
    }

    public function test_a_short_note_and_a_phone_say_the_same(): void
    {
        $this->seen($this->super($this->hive, 1), new Face(0.02));
        $this->send('POST', '/short-notes', ['notes' => 'L1 kg 46'])->assertStatus(303);
        $this->get('/winter/lime-row/L1')->assertSee('from the scale');
    }

    public function test_a_hive_weighed_for_winter_is_a_reading_of_the_flow(): void
    {
        $read = fn (): array => app(WeightReader::class)->raw(
            $this->yard->id,
            new DateTimeImmutable('2026-07-01'),
            new DateTimeImmutable('2026-08-10'),
        )[$this->hive->id] ?? [];
        self::assertSame([], $read());
        $this->weighed(['how' => 'whole', 'first' => '52.5']);
        self::assertSame([52.5], $read()[1]);
        $this->weighed(['how' => 'one-side', 'first' => '26', 'second' => '26.5']);
        self::assertSame([52.5], $read()[1], 'A side lifted is too rough for a gain.');
        self::assertSame(2, HiveWeighing::query()->count());
    }

    public function test_a_weight_that_the_boxes_contradict_is_said_and_not_used(): void
    {
        $this->seen($this->super($this->hive, 1), new Face(0.98), 17.0);
        $this->send('POST', '/watch/lime-row/weights', $this->weight(28.0))->assertStatus(303);
        $page = $this->get('/winter/lime-row/L1')
            ->assertSee('By its weight the hive holds')
            ->assertSee('Weigh it again, or inspect the supers. The weight is not used.');
        self::assertFalse($page->viewData('page')->winter->stores->isMeasured());
    }

    /** @return array<string, string> */
    private function weight(float $kg): array
    {
        return ['hive' => $this->hive->id, 'weight' => (string) $kg, 'at' => '2026-08-04T08:00'];
    }

    /** @param  array<string, string>  $reading */
    private function weighed(array $reading): void
    {
        $this->send('POST', "/winter/hives/{$this->hive->id}/weighings", [...$reading, 'frames_of_bees' => '9'])
            ->assertStatus(303);
    }
}
