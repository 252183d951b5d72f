<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\SeasonNow;
use App\Apiary\Operation\Seasons;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\ColonyFact;
use App\Models\FollowUp;
use App\Models\FrozenClearing;
use App\Models\Hive;
use App\Models\Operation;
use App\Models\Queen;
use App\Models\Role;
use App\Models\Season;
use Database\Factories\AssessmentFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Testing\TestResponse;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Ripeness\Verdict;

/** A season ends, and the next begins: what was found last July asks for nothing in April. */
final class SeasonTest extends FeatureTestCase
{
    use SmallOperation;

    private Operation $operation;

    private Apiary $yard;

    private Hive $hive;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation = $this->operation(['demo_today' => '2026-05-02']);
        $this->yard = $this->apiary();
        $this->hive = $this->hive($this->yard, 'H1');
        $this->on('2026-08-04');
        $this->seen($this->super($this->hive, 1), new Face(0.95, 0.05), 17.2);
    }

    public function test_in_april_nobody_is_asked_for_last_julys_supers(): void
    {
        $this->get('/')->assertSee('1 super is ripe.')->assertDontSee('Close season');
        self::assertSame([Verdict::Take, Verdict::Look], $this->verdicts());
        $this->on('2026-10-03');
        $this->get('/')->assertSee('Close season 2026');
        $this->on('2027-04-15');
        self::assertSame([Verdict::Leave, Verdict::Leave], $this->verdicts());
        $this->get('/')->assertSee('Season 2027 has not begun.')
            ->assertSee('Close season 2026')
            ->assertSee('nothing to inspect');
        $this->get('/assess/lime-row')->assertSee('Season 2027 has not begun.');
        $this->get('/assess/lime-row/H1')->assertSee('Nobody inspected this super since the season ended.');
        foreach (['assess', 'winter', 'clear'] as $stage) {
            $this->get("/$stage/lime-row")->assertOk()->assertDontSee(' ripe: ');
        }
        // Whoever inspects it in spring gets a verdict.
        AssessmentFactory::new()->of($this->super($this->hive, 1), '2027-04-15 08:00')
            ->frames(10, new Face(0.95, 0.05))
            ->water(17.2)
            ->createOne();
        self::assertSame([Verdict::Take, Verdict::Leave], $this->verdicts());
    }

    public function test_a_season_that_nobody_begins_begins_after_the_first_flow(): void
    {
        $this->on('2027-05-25');
        self::assertTrue($this->now()->isOn);
        self::assertNull($this->now()->toClose);
        self::assertTrue($this->now()->isFinal(2026));
        self::assertSame([Verdict::Look, Verdict::Look], $this->verdicts());
        $this->get('/assess/lime-row/H1')->assertSee('10 of 10 frames were not inspected');
    }

    public function test_one_page_closes_a_season_and_one_write_takes_it_back(): void
    {
        $this->on('2026-10-03');
        FollowUp::query()->create(['apiary_id' => $this->yard->id, 'what' => 'space', 'due_on' => '2026-09-20']);
        $this->get('/season')
            ->assertSee('Close season 2026')
            ->assertSee('H1 super 1')
            ->assertSee(', stays')
            ->assertSee('not inspected')
            ->assertSee('give the bees space');
        $this->close('ticked', [$this->super($this->hive, 2)->id])->assertSee('1 super is in store.');
        self::assertSame(1, $this->supers()->count());
        self::assertFalse($this->hive->refresh()->excluder);
        self::assertSame([Verdict::Leave], $this->verdicts());
        $this->get('/')->assertSee('Season 2026 is closed.')->assertSee('No urgent task.');
        $this->get('/season')->assertSee('Open the season again')->assertDontSee('Still open');
        $this->followingRedirects()->send('POST', '/undo')->assertOk();
        self::assertSame(2, $this->supers()->count());
        self::assertTrue($this->hive->refresh()->excluder);
        self::assertTrue($this->now()->isOn);
    }

    public function test_a_season_is_closed_once_and_only_when_no_board_is_on(): void
    {
        $this->on('2026-10-03');
        $clearing = Clearing::query()->create([
            'apiary_id' => $this->yard->id,
            'method' => Method::EscapeBoard,
            'first_on' => '2026-10-02',
            'second_on' => '2026-10-04',
            'person_minutes' => 30.0,
            'state' => 'placed',
            'frozen' => new FrozenClearing,
        ]);
        $this->get('/season')->assertSee('Lime Row: boards are on. Fetch them before you close.');
        $this->close('all')->assertStatus(422)->assertSee('Boards are still on at Lime Row.');
        self::assertSame(2, $this->supers()->count());
        // One board of several is on: the page says what closing would refuse.
        $clearing->update(['state' => 'planned']);
        $super = $this->super($this->hive, 1);
        $item = $clearing->items()->create(['hive_id' => $this->hive->id, 'box_id' => $super->id, 'placed_at' => now()]);
        $this->get('/season')->assertSee('boards are on');
        $this->close('all')->assertStatus(422)->assertSee('Boards are still on at Lime Row.');
        $item->update(['placed_at' => null]);
        $this->close('all')->assertSee('2 supers are in store.');
        self::assertNull(Clearing::query()->first());
        $this->close('all')->assertStatus(422)->assertSee('This season cannot be closed now.');
        $this->send('DELETE', '/season/2026/close')->assertRedirect('/season');
        self::assertFalse($this->now()->isClosed);
        $this->send('DELETE', '/season/2026/close')->assertStatus(422);
        $this->send('DELETE', '/season/1999/close')->assertStatus(404);
    }

    public function test_the_next_begins_with_its_supers_its_queens_and_its_dead(): void
    {
        $queen = Queen::query()->create(['code' => '25-1', 'line' => 'Lime', 'year' => 2025]);
        $this->hive->colony?->update(['queen_id' => $queen->id]);
        $other = $this->hive($this->yard, 'H2', 0);
        $dead = $this->hive($this->yard, 'H3', 0);
        $this->on('2026-10-03');
        $this->close('all');
        $inStore = Box::query()->whereDoesntHave('place')->orderBy('mark')->pluck('id')->all();
        $this->on('2027-03-20');
        $this->get('/')->assertSee('Begin season 2027')->assertDontSee('Close season');
        $this->get('/season')->assertSee('Begin season 2027')->assertSee('H3')->assertDontSee('Close season');
        $this->begin(['super_on' => 'all', 'died' => [$dead->id]])
            ->assertSee('Season 2027 has begun. 2 supers are on.');
        self::assertSame($inStore, $this->supers()->orderBy('box_id')->pluck('box_id')->sort()->values()->all());
        self::assertSame(['drawn'], $this->supers()->pluck('put_on')->unique()->all());
        self::assertTrue($this->hive->refresh()->excluder && $other->refresh()->excluder);
        self::assertTrue($dead->refresh()->load(['colony', 'colonies'])->isEmpty());
        $fact = ColonyFact::query()->where('kind', 'confirmed')->sole();
        self::assertSame([$this->hive->id, $queen->id], [$fact->hive_id, $fact->queen_id]);
        self::assertSame('queen confirmed', $fact->words());
        self::assertTrue($this->now()->isOn);
        $this->begin([])->assertStatus(422)->assertSee('Season 2027 has begun already.');
    }

    public function test_in_the_south_the_season_turns_half_a_year_later(): void
    {
        $this->operation->update(['latitude' => -37.0, 'demo_today' => '2026-12-10']);
        $this->yard->update(['latitude' => -37.0]);
        self::assertSame([2027, true], [$this->now()->season, $this->now()->isOn]);
        $this->on('2027-04-03');
        $this->get('/')->assertSee('Close season 2027');
        $this->on('2027-09-15');
        self::assertSame([2028, false, true], [$this->now()->season, $this->now()->isOn, $this->now()->isToBegin]);
    }

    public function test_bad_input_loses_nothing(): void
    {
        $this->on('2026-10-03');
        foreach (
            [
                ['season' => '2025'],
                ['season' => 'x'],
                ['store' => 'some'],
                ['store' => null],
                ['excluders' => 'maybe'],
                ['boxes' => 'all'],
                ['boxes' => [['x']]],
            ] as $wrong
        ) {
            $this->send('POST', '/season/close', [...self::CLOSE, ...$wrong])->assertStatus(422);
        }
        self::assertSame(0, Season::query()->count());
        foreach (
            [
                ['season' => '2027'],
                ['super_on' => 'some'],
                ['kind' => 'shoe-box'],
                ['put_on' => 'filled'],
                ['died' => 'H1'],
                ['queens' => ''],
            ] as $wrong
        ) {
            $this->send('POST', '/season/begin', [...self::BEGIN, 'season' => '2026', ...$wrong])->assertStatus(422);
        }
        self::assertSame(2, $this->supers()->count());
    }

    private const CLOSE = ['season' => '2026', 'store' => 'ticked', 'excluders' => 'out'];

    private const BEGIN = [
        'season' => '2027',
        'super_on' => 'none',
        'kind' => 'langstroth-medium-10',
        'put_on' => 'drawn',
        'excluder' => 'yes',
        'queens' => 'same',
    ];

    /**
     * @param  list<string>  $boxes
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function close(string $store, array $boxes = []): TestResponse
    {
        return $this->followingRedirects()->send('POST', '/season/close', [...self::CLOSE, 'store' => $store, 'boxes' => $boxes]);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function begin(array $with): TestResponse
    {
        return $this->followingRedirects()->send('POST', '/season/begin', [...self::BEGIN, ...$with]);
    }

    private function on(string $day): void
    {
        $this->operation->update(['demo_today' => $day]);
        app(CurrentOperation::class)->enter($this->operation, Role::Owner);
    }

    private function now(): SeasonNow
    {
        return app(Seasons::class)->now();
    }

    /** @return list<Verdict> of the supers from the lowest */
    private function verdicts(): array
    {
        $hive = app(YardReader::class)->hive($this->yard->refresh(), 'H1');

        return array_map(static fn ($box): Verdict => $box->standing(), $hive?->supers() ?? []);
    }

    /** @return Builder<BoxPlace> */
    private function supers(): Builder
    {
        return BoxPlace::query()->whereNull('until')->where('role', 'super');
    }
}
