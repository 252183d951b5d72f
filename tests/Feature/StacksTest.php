<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Colony;
use App\Models\ColonyFact;
use App\Models\Hive;
use App\Models\Queen;

/** Boxes go from hive to hive, within a stack and into store; several hives are changed at once. */
final class StacksTest extends FeatureTestCase
{
    use SmallOperation;

    private Hive $one;

    private Hive $two;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $yard = $this->apiary('Lime Row');
        $this->one = $this->hive($yard, 'L1', 3, 1);
        $this->two = $this->hive($yard, 'L2', 1, 2);
    }

    public function test_a_box_is_put_where_it_is_dropped(): void
    {
        [$brood, $first, $second, $third] = $this->stack($this->one);
        // Between the first and the second of its own stack.
        $this->onto($third, 'L1', 2);
        self::assertSame([$brood, $first, $third, $second], $this->stack($this->one));
        // Onto another hive: above its brood boxes it is a super.
        $this->onto($first, 'l2', 2);
        self::assertSame([$brood, $third, $second], $this->stack($this->one));
        self::assertSame($first, $this->stack($this->two)[2]);
        self::assertSame('super', BoxPlace::query()->where('box_id', $first)->whereNull('until')->value('role'));
        // Among the brood boxes it is the lowest super; a brood box it is only where somebody says so.
        $this->onto($second, 'L2', 0);
        self::assertSame($second, $this->stack($this->two)[2]);
        $this->onto($second, 'L2', 0, ['role' => 'brood']);
        self::assertSame($second, $this->stack($this->two)[0]);
        self::assertSame('brood', BoxPlace::query()->where('box_id', $second)->whereNull('until')->value('role'));
        // Into store and from it, said how it is put on; a box has one place at a time, and all of them in a row.
        $this->send('POST', "/yards/boxes/$first/off")->assertStatus(303);
        $this->send('POST', "/yards/boxes/$first/off")->assertStatus(422);
        $this->onto($first, 'L1', null, ['put_on' => 'drawn']);
        self::assertSame([$brood, $third, $first], $this->stack($this->one));
        self::assertSame('drawn', BoxPlace::query()->where('box_id', $first)->whereNull('until')->value('put_on'));
        $at = BoxPlace::query()->where('hive_id', $this->one->id)->whereNull('until')->orderBy('position')->pluck('position');
        self::assertSame([0, 1, 2], $at->all());
        // Taken back one by one it is as it was.
        foreach (range(1, 6) as $ignored) {
            $this->send('POST', '/undo')->assertStatus(303);
        }
        self::assertSame([$brood, $first, $second, $third], $this->stack($this->one));
    }

    public function test_what_cannot_be_put_there_says_why(): void
    {
        [$brood, $first] = $this->stack($this->one);
        $this->send('POST', "/yards/boxes/$first/move", ['hive' => 'X9'])->assertStatus(422);
        $this->send('POST', "/yards/boxes/$first/move", ['hive' => 'L2', 'under' => '-1'])->assertStatus(422);
        $this->send('POST', "/yards/boxes/$first/move", ['hive' => 'L2', 'since' => '2001-01-01'], from: '/yards/lime-row')
            ->assertStatus(422)
            ->assertSee('it cannot come off before');
        $this->send('POST', "/yards/boxes/$brood/move", ['hive' => 'L1', 'step' => 'up'])->assertStatus(422);
        $this->get("/yards/lime-row/L1?box=$first")->assertOk()->assertSee('In hand:')->assertSee('aria-current="true"', false);
        $this->get('/yards/lime-row?box=01AAAAAAAAAAAAAAAAAAAAAAAA')->assertOk()->assertDontSee('In hand:');
        $this->get('/yards/lime-row?'.http_build_query(['box' => ['x']]))->assertOk();
    }

    public function test_kinds_of_chosen_hives_are_mended_at_once(): void
    {
        $both = ['hives' => [$this->one->id, $this->two->id]];
        $this->send('PUT', '/yards/lime-row/chosen/kind', ['which' => 'super', 'to' => 'langstroth-deep-10'], from: '/yards/lime-row')
            ->assertStatus(422)
            ->assertSee('Choose at least one hive.');
        $this->send('PUT', '/yards/lime-row/chosen/kind', $both + ['which' => 'super', 'to' => 'langstroth-deep-8'])
            ->assertStatus(303);
        self::assertSame(4, Box::query()->where('kind', 'langstroth-deep-8')->count());
        // Of a kind that none of them is nothing is changed.
        $this->send('PUT', '/yards/lime-row/chosen/kind', $both + [
            'which' => 'super',
            'from' => 'langstroth-medium-10',
            'to' => 'langstroth-deep-10',
        ])->assertStatus(303);
        self::assertSame(4, Box::query()->where('kind', 'langstroth-deep-8')->count());
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame(0, Box::query()->where('kind', 'langstroth-deep-8')->count());
        // What was seen in a frame that the kind has no room for is not lost.
        $this->send('PUT', '/assess/boxes/'.$this->stack($this->one)[1].'/frames/10', [
            'a' => ['capped' => '0.5'],
            'b' => ['capped' => '0.5'],
        ]);
        $this->send('PUT', '/yards/lime-row/chosen/kind', $both + ['which' => 'super', 'to' => 'langstroth-deep-8'], from: '/yards/lime-row')
            ->assertStatus(422)
            ->assertSee('has room for 8');
    }

    public function test_chosen_hives_get_new_queens_and_an_empty_one_says_that_bees_settled(): void
    {
        Colony::query()->where('hive_id', $this->two->id)->update(['ended_on' => '2026-05-01']);
        $queens = ['hives' => [$this->one->id, $this->two->id], 'line' => 'B4', 'year' => '2026'];
        $this->send('PUT', '/yards/lime-row/chosen/queens', $queens + ['mother' => 'none'])->assertStatus(422);
        $this->send('PUT', '/yards/lime-row/chosen/queens', $queens)->assertStatus(303);
        self::assertSame(['26-L1', '26-L2'], Queen::query()->orderBy('code')->pluck('code')->all());
        self::assertSame('26-L2', $this->two->fresh(['colony.queen'])?->colony?->queen?->code);
        $facts = ColonyFact::query()->where('hive_id', $this->two->id)->orderBy('id')->pluck('kind')->all();
        self::assertSame(['settled', 'requeened'], array_slice($facts, -2));
        // Once more in the same year they have codes of their own, and the mother that is named.
        $this->send('PUT', '/yards/lime-row/chosen/queens', $queens + ['mother' => '26-L1'])->assertStatus(303);
        $queen = $this->one->fresh(['colony.queen.mother'])?->colony?->queen;
        self::assertSame(['26-L1b', '26-L1'], [$queen?->code, $queen?->mother?->code]);
        $elsewhere = $this->hive($this->apiary('Elsewhere'), 'X1');
        $this->send('PUT', '/yards/lime-row/chosen/queens', ['hives' => [$elsewhere->id]] + $queens)->assertStatus(422);
        $this->send('PUT', '/yards/lime-row/chosen/queens', ['hives' => [['x']]] + $queens)->assertStatus(422);
    }

    /** @param  array<string, string>  $more */
    private function onto(string $box, string $hive, ?int $under, array $more = []): void
    {
        $this->send('POST', "/yards/boxes/$box/move", ['hive' => $hive, 'under' => (string) $under] + $more)
            ->assertStatus(303);
    }

    /** @return list<string> boxes from the floor */
    private function stack(Hive $hive): array
    {
        return array_values(BoxPlace::query()
            ->where('hive_id', $hive->id)
            ->whereNull('until')
            ->orderBy('position')
            ->pluck('box_id')
            ->all());
    }
}
