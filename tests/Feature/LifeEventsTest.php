<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Colony;
use App\Models\ColonyFact;
use App\Models\Hive;
use Database\Factories\TakenSuperFactory;
use Illuminate\Testing\TestResponse;
use Marjoram\Core\Comb\Face;

/** What happens to bees acts: the dead need nothing, a split lives somewhere, of two that are united one is left. */
final class LifeEventsTest extends FeatureTestCase
{
    use SmallOperation;

    private Apiary $yard;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $this->yard = $this->apiary();
        foreach (['L1', 'L2'] as $code) {
            $hive = $this->hive($this->yard, $code);
            Colony::query()->create(['hive_id' => $hive->id, 'started_on' => '2026-04-01']);
            $this->send('POST', "/winter/hives/$hive->id/looks", [
                'frames_of_bees' => '9',
                'brood_honey' => '3',
                'how' => 'estimated',
            ])->assertStatus(303);
        }
    }

    public function test_a_dead_colony_needs_nothing_and_is_not_forgotten(): void
    {
        $this->get('/')->assertSee('2 hives to feed');
        $this->happened('L1', 'died', ['note' => 'Queenless since July.'])->assertStatus(303);
        $this->get('/')->assertSee('1 hive to feed');
        $this->get("/winter/{$this->yard->slug}/L1")->assertOk()->assertSee('No colony lives on L1');
        $page = $this->get("/yards/{$this->yard->slug}/L1")->assertOk();
        $page->assertSee('no colony lives here')->assertSee('Queenless since July.');
        // What is in its supers is still honey.
        $this->seen($this->super($this->find('L1'), 1), new Face(0.9, 0.1), 17.0);
        $this->get("/assess/{$this->yard->slug}/L1")->assertOk()->assertSee('super 1');
        $this->happened('L1', 'swarmed')->assertStatus(422);
        // Another colony may settle in it.
        $this->happened('L1', 'settled')->assertStatus(303);
        $this->get('/')->assertSee('2 hives to feed');
        $this->send('POST', '/undo');
        $this->send('POST', '/undo');
    }

    public function test_a_split_goes_into_a_new_hive_or_an_empty_one(): void
    {
        $this->happened('L1', 'split')->assertStatus(303);
        $new = Hive::query()->with(['colony.facts', 'places'])->latest('id')->firstOrFail();
        self::assertNotNull($new->colony);
        self::assertSame(['split'], $new->colony->facts->pluck('kind')->all());
        self::assertSame('from L1', $new->colony->facts[0]->note);
        self::assertCount(1, $new->places);
        $this->happened('L1', 'split', ['other' => 'L2'])->assertStatus(422)->assertSee('empty hive');
        $this->happened('L2', 'died')->assertStatus(303);
        $this->happened('L1', 'split', ['other' => 'l2'])->assertStatus(303);
        self::assertNotNull($this->find('L2')->colony);
        // Undone as one: the hive that it made, its box, its colony and both facts.
        $this->happened('L2', 'split')->assertStatus(303);
        $facts = ColonyFact::query()->count();
        self::assertSame(4, Hive::query()->count());
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame(3, Hive::query()->count());
        self::assertSame($facts - 2, ColonyFact::query()->count());
    }

    public function test_of_two_united_one_is_left(): void
    {
        $this->happened('L1', 'united')->assertStatus(422);
        $this->happened('L1', 'united', ['other' => 'L1'])->assertStatus(422);
        $this->happened('L1', 'united', ['other' => 'L2'])->assertStatus(303);
        self::assertNull($this->find('L1')->colony);
        self::assertSame('with the colony of L1', $this->find('L2')->colony?->facts->last()?->note);
        self::assertTrue($this->find('L1')->isEmpty());
    }

    public function test_the_story_of_a_hive_is_one_strip(): void
    {
        $hive = $this->find('L2');
        $this->seen($this->super($hive, 1), new Face(0.9, 0.1), 17.0);
        $this->happened('L2', 'swarmed')->assertStatus(303);
        $this->send('POST', "/winter/hives/$hive->id/feedings", ['what' => 'dry-sugar', 'amount' => '4', 'fed_on' => '2026-08-02'])
            ->assertStatus(303);
        TakenSuperFactory::new()->of($hive, 2025)->weighed(31.0)->create();
        $page = $this->get("/yards/{$this->yard->slug}/L2")->assertOk();
        foreach (['supers', 'bees', 'swarmed', 'inspected', 'water read', 'fed', '2025: <b>31'] as $part) {
            $page->assertSee($part, false);
        }
        $page->assertDontSee('>decided<', false);
    }

    /**
     * @param  array<string, string>  $more
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function happened(string $code, string $kind, array $more = []): TestResponse
    {
        $hive = $this->find($code);

        return $this->send(
            'POST',
            "/yards/hives/$hive->id/facts",
            ['kind' => $kind, 'happened_on' => '2026-08-01'] + $more,
            from: "/yards/{$this->yard->slug}/$code",
        );
    }

    private function find(string $code): Hive
    {
        return Hive::query()->where('code', $code)->with(['colony.facts', 'colonies', 'places'])->firstOrFail();
    }
}
