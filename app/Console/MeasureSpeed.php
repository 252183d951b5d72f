<?php

declare(strict_types=1);

namespace App\Console;

use App\Api\CalculationRunner;
use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Operation;
use App\Models\Role;
use App\Models\Schedule;
use App\Models\Schedules\AskedRounds;
use App\Models\Schedules\ScheduleSettings;
use App\Models\ScheduleSearch;
use App\Models\SearchState;
use App\Pages\Rounds\QuestionReader;
use App\Pages\Rounds\SearchSchedule;
use Illuminate\Console\Command;
use Marjoram\Core\Rounds\Capacity;

/** Times pages and computations and prints ratios: figures of one run on one machine, no promise. */
final class MeasureSpeed extends Command
{
    protected $signature = 'bench {url} {quick? : the word quick, for fewer requests}';

    protected $description = 'Measure the main pages against a bare one, and computations a second';

    protected $hidden = true;

    /** @var non-empty-string */
    private string $cookies = 'cookies';

    private bool $signedIn = false;

    public function handle(CalculationRunner $door): int
    {
        $url = is_string($this->argument('url')) ? $this->argument('url') : '';
        $times = $this->argument('quick') === 'quick' ? 20 : 60;
        $this->cookies = tempnam(sys_get_temp_dir(), 'bench') ?: 'cookies';
        $bare = $this->measure($url.'/sign-in', $times);
        $this->line(
            sprintf(
                'bare page (/sign-in, no database): median %.1f ms, p95 %.1f ms; the ratios below are to it',
                $bare[0],
                $bare[1],
            ),
        );
        foreach (
            ['Marjoram demo' => 'demo, 27 hives, 5 seasons', 'Large demo' => '350 hives, 8 seasons'] as $name => $title
        ) {
            $operation = Operation::query()->where('name', $name)->first();
            if ($operation !== null) {
                $this->pages($url, $operation, $title, $bare, $times);
            }
        }
        unlink($this->cookies);
        (new BenchComputations($this))->run($door);

        return self::SUCCESS;
    }

    /** @param  array{float, float}  $bare */
    private function pages(string $url, Operation $operation, string $title, array $bare, int $times): void
    {
        $this->signIn($url, $operation);
        $slug = Apiary::query()
            ->withoutGlobalScope('operation')
            ->where('operation_id', $operation->id)
            ->orderBy('position')
            ->value('slug');
        $this->line("\n$title".str_repeat(' ', max(1, 34 - strlen($title))).'median   p95  (times the bare page)');
        foreach (
            [
                '/',
                "/watch/$slug",
                "/watch/$slug?span=season",
                '/assess',
                "/assess/$slug",
                "/winter/$slug",
                "/clear/$slug",
                '/honey-room',
                '/honey-room/lots',
                '/honey-room/door',
                '/honey-room/extractor',
                '/field/yards',
                '/compare',
                '/compare/queens',
                '/compare/yards',
                "/yards/$slug",
            ] as $page
        ) {
            [$median, $p95] = $this->measure($url.$page, $times);
            $this->line(sprintf('  %-30s %8.1f %6.1f', $page, $median / $bare[0], $p95 / $bare[1]));
        }
        if ($title !== 'demo, 27 hives, 5 seasons') {
            foreach (['/assess/yard-bd', '/winter/yard-bd'] as $page) {
                [$median, $p95] = $this->measure($url.$page, $times);
                $this->line(
                    sprintf('  %-30s %8.1f %6.1f   60 hives of 3 supers', $page, $median / $bare[0], $p95 / $bare[1]),
                );
            }
        }
        if ($title !== 'demo, 27 hives, 5 seasons') {
            $this->roundsPage($url, $operation, $bare[0], $times);
        }
        [$median, $most] = $this->afterWrites($url, (string) $slug);
        $this->line(
            sprintf('  %-30s %8.1f %6.1f', 'the desk, first after a write', $median / $bare[0], $most / $bare[1]),
        );
    }

    /** A plan over twenty yards and three weeks, searched here and shown there. */
    private function roundsPage(string $url, Operation $operation, float $bare, int $times): void
    {
        $current = app(CurrentOperation::class);
        $current->enter($operation, Role::Owner);
        $settings = new ScheduleSettings(
            21,
            [480, 480, 480, 480, 480, 480, 0],
            new Capacity(90.0, 150.0),
            60,
            seconds: 2,
        );
        $schedule = Schedule::query()->create([
            'name' => 'Bench',
            'starts_on' => $current->today()->modify('+1 day'),
            'settings' => $settings,
            'question' => $this->twentyYards(app(QuestionReader::class)->ask($settings)),
        ]);
        ScheduleSearch::query()->create(['schedule_id' => $schedule->id, 'state' => SearchState::Waiting]);
        app()->call([new SearchSchedule($operation->id, $schedule->id, $settings->seconds), 'handle']);
        [$median, $p95] = $this->measure("$url/clear/rounds/$schedule->id", $times);
        $this->line(sprintf('  %-30s %8.1f          20 yards, 21 days', '/clear/rounds/...', $median / $bare));
        [$median] = $this->measure("$url/clear/rounds/new?days=21", $times);
        $this->line(sprintf('  %-30s %8.1f          all yards, 21 days', '/clear/rounds/new', $median / $bare));
    }

    private function twentyYards(AskedRounds $all): AskedRounds
    {
        return new AskedRounds(
            $all->askedOn,
            $all->days,
            array_slice($all->yards, 0, 20),
            [],
            array_map(static fn (array $row): array => array_slice($row, 0, 21), array_slice($all->travel, 0, 21)),
            $all->kit,
            $all->crew,
            $all->depot,
        );
    }

    /** @return array{float, float} median and longest, ms: what is kept has to be made again */
    private function afterWrites(string $url, string $slug): array
    {
        $taken = [];
        for ($i = 0; $i < 5; $i++) {
            preg_match('/name="_token"[^>]*value="([^"]+)"/', $this->fetch("$url/account"), $token);
            $this->fetch(
                "$url/watch/$slug/signs",
                [
                    '_token' => $token[1] ?? '',
                    '_key' => (string) \Illuminate\Support\Str::ulid(),
                    'seen' => 'new-wax:seen',
                ],
                false,
            );
            $start = hrtime(true);
            $this->fetch("$url/");
            $taken[] = (hrtime(true) - $start) / 1e6;
        }
        sort($taken);

        return [$taken[2], $taken[4]];
    }

    private function signIn(string $url, Operation $operation): void
    {
        if (! $this->signedIn) {
            preg_match('/name="_token" value="([^"]+)"/', $this->fetch("$url/sign-in"), $token);
            $this->fetch("$url/sign-in", [
                '_token' => $token[1] ?? '',
                'email' => 'keeper@demo.example',
                'password' => 'heather-and-lime',
            ]);
            $this->signedIn = true;
        }
        $page = $this->fetch("$url/account");
        preg_match('/name="_token"[^>]*value="([^"]+)"/', $page, $token);
        $this->fetch("$url/account/operation", [
            '_token' => $token[1] ?? '',
            '_method' => 'PUT',
            '_key' => (string) \Illuminate\Support\Str::ulid(),
            'operation' => $operation->id,
        ]);
    }

    /** @return array{float, float} median and 95th percentile in ms, two warm-ups aside */
    private function measure(string $url, int $times): array
    {
        $taken = [];
        for ($i = -2; $i < $times; $i++) {
            $start = hrtime(true);
            $this->fetch($url);
            if ($i >= 0) {
                $taken[] = (hrtime(true) - $start) / 1e6;
            }
        }
        sort($taken);

        return [$taken[intdiv($times, 2)], $taken[(int) floor(0.95 * ($times - 1))]];
    }

    /** @param  array<string, string>  $form */
    private function fetch(string $url, array $form = [], bool $follow = true): string
    {
        $curl = curl_init($url);
        curl_setopt_array(
            $curl,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEFILE => $this->cookies,
                CURLOPT_COOKIEJAR => $this->cookies,
                CURLOPT_FOLLOWLOCATION => $form !== [] && $follow,
            ] + ($form === [] ? [] : [CURLOPT_POSTFIELDS => http_build_query($form)]),
        );
        $body = (string) curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        curl_close($curl);
        if ($status !== ($follow ? 200 : 303)) {
            $this->warn("$url answered $status");
        }

        return $body;
    }
}
