<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\CalendarLink;
use App\Models\Clearing;
use App\Models\ClearingState;
use App\Models\FrozenClearing;
use Symfony\Component\Process\Process;

/** The plans as iCalendar, read back with a library that did not write them. */
final class CalendarTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $plan = Clearing::query()->create([
            'apiary_id' => $yard->id,
            'method' => 'escape-board',
            'first_on' => '2026-08-06',
            'second_on' => '2026-08-08',
            'person_minutes' => 60,
            'frozen' => new FrozenClearing,
        ]);
        foreach (BoxPlace::query()->where('role', 'super')->whereNull('until')->limit(3)->get() as $place) {
            $plan->items()->create(['hive_id' => $place->hive_id, 'box_id' => $place->box_id]);
        }
    }

    public function test_another_library_reads_the_visits_and_the_label_dates(): void
    {
        $answer = $this->get('/clear/calendar.ics')->assertOk();
        self::assertStringStartsWith('text/calendar', (string) $answer->headers->get('Content-Type'));
        $found = $this->read((string) $answer->getContent());
        self::assertSame('2.0', $found['version']);
        $by = array_column($found['events'], null, 'summary');
        self::assertSame(
            ['2026-08-06', '2026-08-07', true],
            [
                $by['Boards on: Ekbacken']['start'],
                $by['Boards on: Ekbacken']['end'],
                $by['Boards on: Ekbacken']['isDate'],
            ],
        );
        self::assertSame('2026-08-08', $by['Supers in: Ekbacken']['start']);
        self::assertSame('Ekbacken', $by['Supers in: Ekbacken']['location']);
        // The day before, at noon: boards are not to be forgotten.
        self::assertSame(
            ['-PT12H Boards are out at Ekbacken: bring the supers in tomorrow. No board stays more than three nights.'],
            $by['Supers in: Ekbacken']['alarms'],
        );
        self::assertSame([], $by['Boards on: Ekbacken']['alarms']);
        self::assertArrayHasKey('Supers off by today: Ekbacken', $by);
        self::assertSame(count($found['events']), count(array_unique(array_column($found['events'], 'uid'))));
    }

    public function test_a_private_address_is_read_without_signing_in_until_it_is_taken_back(): void
    {
        $made = $this->send('POST', '/clear/calendar', ['name' => 'my phone'])->assertStatus(303);
        $address = (string) $made->getSession()?->get('calendar');
        self::assertMatchesRegularExpression('#/api/v1/calendar/[A-Za-z0-9]{40}\.ics$#', $address);
        $this->get('/clear/rounds')->assertOk()->assertSee('my phone');
        $link = CalendarLink::query()->firstOrFail();
        self::assertStringNotContainsString(substr($address, -44, 40), (string) json_encode($link->getAttributes()));
        $path = (string) parse_url($address, PHP_URL_PATH);
        auth()->logout();
        $this->get($path)->assertOk()->assertSee('BEGIN:VCALENDAR')->assertSee('Boards on');
        // Another last character than its own, which is drawn at random.
        $other = substr($path, -5, 1) === 'x' ? 'y' : 'x';
        $this->get(substr($path, 0, -5).$other.'.ics')->assertNotFound();
        $this->as('keeper')->demo();
        $this->send('DELETE', "/clear/calendar/$link->id")->assertStatus(303);
        $this->get($path)->assertNotFound();
    }

    public function test_boards_out_too_long_are_called_in(): void
    {
        $plan = Clearing::query()->latest('id')->firstOrFail();
        // One board a hive: the plan is placed when each has its own.
        $hives = $plan->items->groupBy('hive_id');
        foreach ($hives as $n => $items) {
            self::assertSame(ClearingState::Planned, $plan->refresh()->state);
            $this->send('PUT', '/clear/items/'.$items->firstOrFail()->id, [
                'what' => 'placed',
                'done' => '1',
            ])->assertStatus(303);
        }
        self::assertSame(ClearingState::Placed, $plan->refresh()->state);
        $this->send('PUT', '/clear/items/'.$plan->items->firstOrFail()->id, [
            'what' => 'placed',
            'done' => '0',
        ])->assertStatus(303);
        self::assertSame(ClearingState::Planned, $plan->refresh()->state);
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame(ClearingState::Placed, $plan->refresh()->state);
        $this->get('/')->assertDontSee('fetch the boards');
        $this->demo()->update(['demo_today' => '2026-08-09']);
        $this->get('/clear/rounds')
            ->assertOk()
            ->assertSee('Boards out')
            ->assertSee('3 nights')
            ->assertSee('no board stays more than three nights');
        $this->get('/')->assertOk()->assertSee('Ekbacken: fetch the boards: 3 nights out');
    }

    /** @return array{version: string, events: list<array{uid: string, summary: string, start: string, end: string, isDate: bool, location: string|null}>} */
    private function read(string $text): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ics');
        file_put_contents($file, $text);
        $node = new Process(['node', __DIR__.'/read-calendar.mjs', $file], dirname(__DIR__, 2));
        $node->mustRun();
        unlink($file);

        /** @var array{version: string, events: list<array{uid: string, summary: string, start: string, end: string, isDate: bool, location: string|null}>} */
        return json_decode($node->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
