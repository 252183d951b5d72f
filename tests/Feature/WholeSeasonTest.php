<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\Colony;
use App\Models\Hive;
use App\Models\Lot;
use Database\Factories\AssessmentFactory;
use DateTimeImmutable;
use Marjoram\Core\Comb\Face;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Depth;

/** A keeper's season from the first supers to the next spring, half a year later in the south. */
final class WholeSeasonTest extends FeatureTestCase
{
    use SmallOperation;

    private const MOTHS = 'Lime Row: check the stored supers for wax moth and ants';

    private Apiary $yard;

    private bool $south = false;

    /** @var array<string, Hive> */
    private array $hives = [];

    /** @return array<string, array{bool}> */
    public static function sides(): array
    {
        return array_slice(['north' => [false], 'south' => [true]], 0, Depth::of(1, 2));
    }

    #[DataProvider('sides')]
    public function test_from_the_first_supers_to_the_next_spring(bool $south): void
    {
        $this->south = $south;
        $this->begin();
        $none = 'No honey is ripe yet.';
        $this->says($none, 'No urgent task.');
        $this->on('06-05');
        $this->sees('new-wax:seen');
        $this->says($none, 'Lime Row: inspect 6 supers');
        $this->on('06-25');
        $this->look('H1', 1, new Face(0.4, 0.5));
        $this->says($none, 'Lime Row: inspect 5 supers');
        $this->on('07-20');
        foreach (['H1', 'H2'] as $code) {
            $this->look($code, 1, new Face(0.97, 0.03), 17.0);
        }
        $this->look('H3', 1, new Face(0.3, 0.3));
        $ripe = '~35 kg ripe: ~0 kg stays for winter, ~35 kg may come off.';
        $this->says($ripe, 'Lime Row: inspect 3 supers', 'Lime Row: clear 2 supers');
        $this->on('08-02');
        foreach (['robbing-test:robbed', 'main-bloom:finished', 'eating-capped:seen'] as $sign) {
            $this->sees($sign);
        }
        $this->says($ripe, 'Lime Row: inspect 3 supers', 'Lime Row: clear 2 supers');
        $clearing = $this->plan();
        $this->says($ripe, 'Lime Row: lift 2 supers', 'Lime Row: inspect 3 supers');
        // Nobody came on the day; the next day it is said, and made up for.
        $this->on('08-04');
        $this->get('/')->assertSee('is not finished.')->assertSee('Mend the plan');
        $this->says($ripe, 'Lime Row: lift 2 supers', 'Lime Row: inspect 3 supers');
        $this->send('PUT', "/clear/plans/$clearing->id/collected")->assertStatus(303);
        $lot = Lot::query()->firstOrFail();
        $this->send('POST', "/honey-room/$lot->id/arrive")->assertStatus(303);
        [$space, $excluders] = ['give the bees space, or reduce them to their winter boxes', 'queen excluders out before winter'];
        $this->says($none, 'Lime Row: inspect 3 supers', "Lime Row: $space", "Lime Row: $excluders");
        $this->on('08-06');
        $ids = $lot->harvest->supers->pluck('id')->all();
        $this->send('POST', '/honey-room/extractor/spun', ['supers' => $ids])->assertStatus(303);
        $wet = 'wet supers back to their own hives (healthy colonies only; if in doubt ask the bee inspector)';
        $this->says($none, 'Lime Row: inspect 3 supers', "Lime Row: $space", "Lime Row: $wet", "Lime Row: $excluders");
        $this->on('08-10');
        $this->tickTheList();
        $this->send('POST', "/honey-room/$lot->id/buckets", ['gross' => '31', 'tare' => '1'])->assertStatus(303);
        $this->send('POST', "/honey-room/$lot->id/wet", ['to' => 'store'])->assertStatus(303);
        $this->get('/')->assertSee("season 30\u{202F}kg");
        $this->says($none, 'Lime Row: inspect 3 supers', "Lime Row: $space", self::MOTHS, "Lime Row: $excluders");
        $this->on('09-15');
        $this->says($none, 'Lime Row: inspect 3 supers', self::MOTHS, "Lime Row: $excluders");
        $this->on('10-05');
        $this->says($none, "Close season {$this->season()}", self::MOTHS, "Lime Row: $excluders");
        $this->send('POST', '/season/close', [
            'season' => (string) $this->season(),
            'store' => 'all',
            'excluders' => 'out',
        ])->assertStatus(303);
        $closed = "Season {$this->season()} is closed.";
        $this->says($closed, 'No urgent task.');
        self::assertSame(0, BoxPlace::query()->where('role', 'super')->whereNull('until')->count());
        $this->on('12-15');
        $this->says($closed, 'No urgent task.');
        $next = $this->season() + 1;
        $this->on('03-20', 1);
        $this->says("Season $next has not begun.", "Begin season $next");
        $this->on('05-01', 1);
        $this->says("Season $next has not begun.", "Begin season $next");
    }

    private function plan(): Clearing
    {
        $page = (string) $this->get('/clear/lime-row')->getContent();
        preg_match_all('/name="boxes\[\]"\s+value="([^"]+)"/', $page, $boxes);
        $this->send('POST', '/clear/lime-row/plans', ['method' => 'brush', 'boxes' => $boxes[1]])->assertStatus(303);

        return Clearing::query()->firstOrFail();
    }

    private function begin(): void
    {
        $latitude = $this->south ? -38.0 : 58.0;
        $this->operation(['latitude' => $latitude, 'demo_today' => $this->day('05-10')]);
        $this->yard = $this->apiary();
        $climate = $this->yard->climate;
        $this->yard->update([
            'latitude' => $latitude,
            'climate' => $this->south ? [...array_slice($climate, 6), ...array_slice($climate, 0, 6)] : $climate,
        ]);
        foreach (['H1', 'H2', 'H3'] as $code) {
            $this->hives[$code] = $this->hive($this->yard, $code, 2);
            Colony::query()->create(['hive_id' => $this->hives[$code]->id, 'started_on' => $this->day('04-01')]);
        }
        $this->yard->update(['policy' => ['winter_school' => 'take-all']]);
        BoxPlace::query()->update(['since' => $this->day('05-10'), 'put_on' => 'drawn']);
    }

    private function season(): int
    {
        return $this->south ? 2027 : 2026;
    }

    /** The day of the same season in the south: half a year later. */
    private function day(string $monthDay, int $year = 0): string
    {
        $day = new DateTimeImmutable((2026 + $year)."-$monthDay");

        return ($this->south ? $day->modify('+6 months') : $day)->format('Y-m-d');
    }

    private function on(string $monthDay, int $year = 0): void
    {
        $this->itIs($this->day($monthDay, $year));
        $this->dry($this->yard);
    }

    private function sees(string $sign): void
    {
        $this->send('POST', '/watch/lime-row/signs', ['seen' => $sign])->assertStatus(303);
    }

    private function look(string $code, int $super, Face $face, ?float $water = null): void
    {
        $made = AssessmentFactory::new()
            ->of($this->super($this->hives[$code], $super), app(CurrentOperation::class)->day().' 10:00')
            ->frames(10, $face);
        ($water === null ? $made : $made->water($water))->createOne();
    }

    /**
     * Assess, Winter and Clear say one sum; the desk says what to do.
     *
     * @param  string  ...$tasks  the first is done first
     */
    private function says(string $sum, string ...$tasks): void
    {
        $day = app(CurrentOperation::class)->day();
        foreach (['assess', 'winter', 'clear'] as $stage) {
            $page = (string) $this->get("/$stage/lime-row")->assertOk()->getContent();
            preg_match('#data-yard-sum>\s*<b>(.*?)</b>#su', $page, $found);
            self::assertSame($sum, self::text($found[1] ?? ''), "$stage on $day");
        }
        $desk = (string) $this->get('/')->assertOk()->getContent();
        preg_match('#<h2 class="say">(.*?)</h2>#su', $desk, $first);
        preg_match('#<section class="then">(.*?)</section>#su', $desk, $then);
        preg_match_all('#<a [^>]*>(.*?)</a>#su', $then[1] ?? '', $rest);
        self::assertSame(array_values($tasks), array_map(self::text(...), [$first[1] ?? '', ...$rest[1]]), "desk on $day");
    }

    private static function text(string $html): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($html))));
    }
}
