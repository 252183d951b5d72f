<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\Decision;
use App\Models\FrameLook;
use Illuminate\Support\Facades\DB;

/** Open work is calculated once: after each kind of decision every page that counts supers to look at says the same. */
final class OneCountTest extends FeatureTestCase
{
    private const YARD = 'ekbacken';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_all_pages_agree_after_each_kind_of_decision(): void
    {
        $this->agree('before');
        $open = $this->toLook();
        self::assertGreaterThan(3, count($open));
        [$takes, $stays, $bulk, $winter] = array_map(static fn (BoxState $box): string => $box->id, $open);
        $note = ['note' => 'The neighbour wants them gone.'];
        $this->send('POST', "/assess/boxes/$takes/decisions", ['choice' => 'take'] + $note)->assertStatus(303);
        $this->agree('taken by decision', $takes);
        $this->send('POST', "/assess/boxes/$stays/decisions", ['choice' => 'stay'] + $note)->assertStatus(303);
        $this->agree('left by decision', $takes, $stays);
        $many = ['choice' => 'stay', 'boxes' => [$bulk]] + $note;
        $this->send('POST', '/assess/'.self::YARD.'/decisions', $many)->assertStatus(303);
        $this->agree('left with others', $takes, $stays, $bulk);
        $this->send('POST', "/winter/boxes/$winter/decisions", ['choice' => 'stay'] + $note)->assertStatus(303);
        $this->agree('kept for winter', $takes, $stays, $bulk, $winter);
        // Undone, it is open again.
        $this->send('POST', '/undo')->assertStatus(303);
        $this->agree('undone', $takes, $stays, $bulk);
        self::assertContains($winter, array_map(static fn (BoxState $box): string => $box->id, $this->toLook()));
    }

    public function test_a_decision_stands_until_somebody_looks_again(): void
    {
        $box = $this->toLook()[0]->id;
        $this->send('POST', "/winter/boxes/$box/decisions", ['choice' => 'stay', 'note' => 'Light hive.'])
            ->assertStatus(303);
        self::assertNotNull($this->state($box)->decision);
        // An hour ago.
        Decision::query()->where('box_id', $box)->update(['decided_at' => DB::raw('decided_at - interval 1 hour')]);
        $slot = FrameLook::query()->whereRelation('assessment', 'box_id', $box)->value('slot') ?? 1;
        $this->send('PUT', "/assess/boxes/$box/frames/$slot", ['a' => ['capped' => 0.2], 'b' => ['capped' => 0.2]])
            ->assertStatus(303);
        self::assertNull($this->state($box)->decision);
        $this->agree('looked at again');
    }

    private function agree(string $when, string ...$decided): void
    {
        $open = $this->toLook();
        $n = count($open);
        $ids = array_map(static fn (BoxState $box): string => $box->id, $open);
        self::assertSame([], array_intersect($decided, $ids), $when);
        $assess = $this->page('/assess/'.self::YARD);
        self::assertStringContainsString("· $n to inspect ·", $assess, $when);
        self::assertMatchesRegularExpression("/\\b$n supers? not inspected yet/", $this->page('/winter/'.self::YARD), $when);
        $desk = $this->page('/');
        preg_match_all('/(\d+) to inspect/', $desk, $strip);
        preg_match('/(\d+) supers? to inspect/', $desk, $figure);
        self::assertSame((string) $n, $strip[1][0], "$when: strip");
        self::assertSame(array_sum($strip[1]), (int) ($figure[1] ?? 0), "$when: stages");
        self::assertStringContainsString("$figure[1] supers to inspect", $this->page('/assess'), "$when: assess");
        self::assertMatchesRegularExpression("/[Ii]nspect $n supers?\\b/", $desk, "$when: tasks of the desk");
    }

    /** @return list<BoxState> of the yard, that of most value first */
    private function toLook(): array
    {
        $this->demo();
        $apiary = Apiary::query()->where('slug', self::YARD)->firstOrFail();

        return app(YardReader::class)->one($apiary)->worthALook();
    }

    private function state(string $box): BoxState
    {
        $this->demo();
        $hive = Box::query()->with('place.hive.stand.apiary')->findOrFail($box)->place?->hive;
        assert($hive !== null);
        $state = app(YardReader::class)->hive($hive->stand->apiary, $hive->code)?->box($box);
        assert($state !== null);

        return $state;
    }

    private function page(string $url): string
    {
        $text = html_entity_decode(strip_tags((string) $this->get($url)->assertOk()->getContent()));

        return (string) preg_replace('/\s+/u', ' ', $text);
    }
}
