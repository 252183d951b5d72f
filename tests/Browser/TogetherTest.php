<?php

declare(strict_types=1);

namespace Tests\Browser;

use CurlHandle;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;

/** Two people and many requests at once, at the real server: nothing fails, nothing is lost, nothing is done twice. */
final class TogetherTest extends TestCase
{
    private const CLIENTS = 8;

    /** @var array<string, array{jar: non-empty-string, token: string}> by person */
    private static array $people = [];

    private static string $slug = '';

    /** @var list<string> as they stood when they were first asked for */
    private static array $boxes = [];

    public static function setUpBeforeClass(): void
    {
        foreach (['keeper', 'partner'] as $who) {
            self::signIn($who, 'heather-and-lime');
        }
        self::$slug = 'together-'.strtolower(Str::random(5));
        [$made] = self::all([self::write('keeper', 'POST', '/yards', [
            'name' => ucfirst(self::$slug),
            'letter' => 'Z'.chr(random_int(65, 90)),
            'latitude' => '55.9',
            'longitude' => '13.4',
            'hives' => '2',
            'brood_boxes' => '1',
            'brood_kind' => 'langstroth-deep-10',
            'supers' => '2',
            'super_kind' => 'langstroth-medium-10',
        ])]);
        self::assertSame(303, $made['status'], $made['body']);
    }

    public function test_of_two_owners_who_remove_each_other_one_stays(): void
    {
        $role = fn (string $by, string $whom, string $as) => self::all([
            self::write($by, 'PUT', '/account/members/'.self::memberOf($whom, $by), ['role' => $as]),
        ]);
        foreach (['PUT', 'DELETE'] as $method) {
            $role('keeper', 'partner', 'owner');
            $answers = self::all([
                self::write('keeper', $method, '/account/members/'.self::memberOf('partner', 'keeper'), ['role' => 'keeper']),
                self::write('partner', $method, '/account/members/'.self::memberOf('keeper', 'partner'), ['role' => 'keeper']),
            ]);
            $isKeeper = $answers[0]['status'] === 303;
            [$stays, $goes] = $isKeeper ? ['keeper', 'partner'] : ['partner', 'keeper'];
            $late = $answers[$isKeeper ? 1 : 0]['status'];
            self::assertSame(303, $answers[$isKeeper ? 0 : 1]['status'], $method);
            // Who was removed before the request came in is led to where an operation begins, or works in another one.
            self::assertContains($late, [403, 302, 404], "$method: the second is no owner any more");
            self::assertStringContainsString('Create an invitation', self::read($stays, '/account'), 'An owner is left.');
            // As it was before.
            if ($method === 'DELETE') {
                self::all([self::write($goes, 'POST', self::invitation($stays, $isKeeper ? 'keeper' : 'owner'), [])]);
            } elseif (! $isKeeper) {
                $role('partner', 'keeper', 'owner');
            }
            if (! $isKeeper) {
                $role('keeper', 'partner', 'keeper');
            }
        }
    }

    public function test_an_invitation_makes_one_member_though_two_accept_it_at_once(): void
    {
        foreach (['first', 'second'] as $who) {
            $email = "$who-".strtolower(Str::random(6));
            self::$people[$who] = ['jar' => (string) tempnam(sys_get_temp_dir(), 'jar'), 'token' => ''];
            self::$people[$who]['token'] = self::tokenOf(self::read($who, '/sign-up'));
            self::all([self::write($who, 'POST', '/sign-up', [
                'name' => "Invited $who",
                'email' => "$email@demo.example",
                'password' => 'ten-letters-or-more',
                'password_confirmation' => 'ten-letters-or-more',
            ])]);
            self::signIn($who, 'ten-letters-or-more', "$email@demo.example", '/start');
        }
        $address = self::invitation('keeper', 'viewer');
        $answers = self::all([self::write('first', 'POST', $address, []), self::write('second', 'POST', $address, [])]);
        $statuses = array_column($answers, 'status');
        sort($statuses);
        self::assertSame([303, 404], $statuses);
        self::assertSame(1, preg_match_all('/<td>Invited (first|second)</', self::read('keeper', '/account')));
    }

    public function test_hives_without_codes_added_at_once_all_stand(): void
    {
        $hive = [
            'brood_boxes' => '1',
            'brood_kind' => 'langstroth-deep-10',
            'supers' => '1',
            'super_kind' => 'langstroth-medium-10',
        ];
        $writes = [];
        foreach (range(1, 8) as $n) {
            $writes[] = self::write($n % 2 === 0 ? 'keeper' : 'partner', 'POST', '/yards/'.self::$slug.'/hives', $hive);
        }
        $before = count($this->codes());
        self::assertSame([303 => 8], array_count_values(array_column(self::all($writes), 'status')));
        self::assertCount($before + 8, $this->codes());
    }

    public function test_two_hundred_writes_of_eight_clients_are_all_found(): void
    {
        $box = $this->boxes()[0];
        $writes = [];
        foreach (range(1, 200) as $n) {
            $who = $n % 2 === 0 ? 'keeper' : 'partner';
            $writes[] = match ($n % 4) {
                0 => self::write($who, 'POST', '/watch/'.self::$slug.'/signs', ['seen' => 'new-wax:seen']),
                1 => self::write($who, 'PUT', "/assess/boxes/$box/shake", ['shake' => 'passed']),
                default => self::write($who, 'POST', "/assess/boxes/$box/readings", [
                    'scale' => 'water',
                    'value' => sprintf('%.2f', 16 + $n / 100),
                ]),
            };
        }
        $answers = self::all($writes);
        self::assertSame([303 => 200], array_count_values(array_column($answers, 'status')));
        $page = self::read('keeper', '/assess/'.self::$slug."/{$this->codes()[0]}?box=$box");
        self::assertSame(100, substr_count($page, '/assess/readings/'), 'Each reading once.');
    }

    public function test_the_same_write_sent_eight_times_at_once_is_one(): void
    {
        $box = $this->boxes()[1];
        $key = strtolower((string) Str::ulid());
        $same = self::write('keeper', 'POST', "/assess/boxes/$box/readings", [
            'scale' => 'water',
            'value' => '17.7',
            '_key' => $key,
        ]);
        $answers = self::all(array_fill(0, 8, $same));
        self::assertSame([303 => 8], array_count_values(array_column($answers, 'status')));
        // Gone back, corrected, sent again under the same key: another write.
        [$other] = self::all([self::write('keeper', 'POST', "/assess/boxes/$box/readings", [
            'scale' => 'water',
            'value' => '18.1',
            '_key' => $key,
        ])]);
        self::assertSame(303, $other['status']);
        $page = self::read('keeper', '/assess/'.self::$slug."/{$this->codes()[0]}?box=$box");
        self::assertSame(2, substr_count($page, '/assess/readings/'));
    }

    public function test_of_four_with_one_version_one_is_taken(): void
    {
        $box = $this->boxes()[2];
        $face = static fn (string $capped): array => [
            'a' => ['capped' => $capped, 'open' => '0'],
            'b' => ['capped' => $capped, 'open' => '0'],
        ];
        self::all([self::write('keeper', 'PUT', "/assess/boxes/$box/frames/4", $face('0.1'))]);
        $writes = [];
        foreach (['0.2', '0.3', '0.4', '0.5'] as $i => $capped) {
            $who = $i % 2 === 0 ? 'keeper' : 'partner';
            $writes[] = self::write($who, 'PUT', "/assess/boxes/$box/frames/4", ['version' => '1'] + $face($capped));
        }
        $statuses = array_count_values(array_column(self::all($writes), 'status'));
        ksort($statuses);
        self::assertSame([303 => 1, 409 => 3], $statuses);
    }

    public function test_first_frames_at_once_are_one_look(): void
    {
        $box = $this->boxes()[4];
        $writes = [];
        foreach (range(1, 8) as $slot) {
            $who = $slot % 2 === 0 ? 'keeper' : 'partner';
            $face = ['capped' => '0.9', 'open' => '0.1'];
            $writes[] = self::write($who, 'PUT', "/assess/boxes/$box/frames/$slot", ['a' => $face, 'b' => $face]);
        }
        self::assertSame([303 => 8], array_count_values(array_column(self::all($writes), 'status')));
        $page = self::read('keeper', '/assess/'.self::$slug."/{$this->codes()[1]}?box=$box");
        preg_match("/(\\d+) of 10 frames inspected\" data-box=\"$box\"/", $page, $seen);
        self::assertSame('8', $seen[1] ?? null, 'What is cached of the hive is calculated again after each write.');
    }

    public function test_of_eight_who_finish_a_stop_one_does(): void
    {
        $box = $this->boxes()[5];
        $decision = ['choice' => 'take', 'note' => 'For the fair.'];
        $where = ['method' => 'brush', 'boxes' => [$box]];
        self::all([self::write('keeper', 'POST', "/winter/boxes/$box/decisions", $decision)]);
        self::all([self::write('keeper', 'POST', '/clear/'.self::$slug.'/plans', $where)]);
        preg_match('#/clear/plans/(\w{26})#', self::read('keeper', '/clear'), $plan);
        self::assertNotSame([], $plan);
        $writes = [];
        foreach (range(1, 8) as $n) {
            $who = $n % 2 === 0 ? 'keeper' : 'partner';
            $writes[] = self::write($who, 'PUT', "/clear/plans/$plan[1]/collected", []);
        }
        $statuses = array_count_values(array_column(self::all($writes), 'status'));
        ksort($statuses);
        self::assertSame([303 => 1, 422 => 7], $statuses);
    }

    public function test_one_undo_at_a_time(): void
    {
        $box = $this->boxes()[1];
        foreach (['16.5', '16.6'] as $value) {
            $reading = ['scale' => 'water', 'value' => $value];
            self::all([self::write('partner', 'POST', "/assess/boxes/$box/readings", $reading)]);
        }
        $where = '/assess/'.self::$slug."/{$this->codes()[0]}?box=$box";
        $before = substr_count(self::read('keeper', $where), '/assess/readings/');
        $undo = fn (): CurlHandle => self::write('partner', 'POST', '/undo', []);
        $answers = self::all([$undo(), $undo()]);
        self::assertSame([303 => 2], array_count_values(array_column($answers, 'status')));
        self::assertSame($before - 2, substr_count(self::read('keeper', $where), '/assess/readings/'));
    }

    /** @return list<string> the first six supers, from below; each page asked for is found out once */
    private function boxes(): array
    {
        if (self::$boxes !== []) {
            return self::$boxes;
        }
        foreach ($this->codes() as $code) {
            preg_match_all('/data-box="(\w{26})"/', self::read('keeper', '/assess/'.self::$slug."/$code"), $found);
            foreach (array_diff(array_unique($found[1]), self::$boxes) as $box) {
                $shown = self::read('keeper', '/assess/'.self::$slug."/$code?box=$box");
                if (str_contains($shown, "/assess/boxes/$box/readings")) {
                    self::$boxes[] = $box;
                }
                if (count(self::$boxes) === 6) {
                    return self::$boxes;
                }
            }
        }
        self::fail('Six supers were expected in the yard.');
    }

    /** @return list<string> */
    private function codes(): array
    {
        preg_match_all('/data-code="(\w+)"/', self::read('keeper', '/assess/'.self::$slug), $found);

        return array_values(array_unique($found[1]));
    }

    private static function signIn(string $who, string $password, ?string $email = null, string $page = '/account'): void
    {
        $jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        assert($jar !== '');
        self::$people[$who] = ['jar' => $jar, 'token' => ''];
        $form = ['email' => $email ?? "$who@demo.example", 'password' => $password];
        self::$people[$who]['token'] = self::tokenOf(self::read($who, '/sign-in'));
        self::all([self::write($who, 'POST', '/sign-in', $form)]);
        self::$people[$who]['token'] = self::tokenOf(self::read($who, $page));
    }

    /** The membership of a person, as the account page of another names it. */
    private static function memberOf(string $whom, string $seenBy): string
    {
        $page = self::read($seenBy, '/account');
        preg_match_all('#/account/members/(\w{26})".*?Role of ([^<]+)<#s', $page, $found, PREG_SET_ORDER);
        $names = array_column($found, 1, 2);

        return $names[ucfirst($whom)] ?? self::fail("$seenBy sees no $whom among the members.");
    }

    /** The path of an invitation that this person makes. */
    private static function invitation(string $by, string $role): string
    {
        self::all([self::write($by, 'POST', '/account/invitations', ['whom' => 'Somebody', 'role' => $role])]);
        preg_match('#/invitations/\w{40}#', self::read($by, '/account'), $found);

        return $found[0] ?? '';
    }

    /** @param  array<string, mixed>  $fields */
    private static function write(string $who, string $method, string $path, array $fields): CurlHandle
    {
        $handle = self::handle($who, $path);
        $sent = $fields + ['_key' => strtolower((string) Str::ulid())];
        curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query(
            ['_token' => self::$people[$who]['token'], '_method' => $method] + $sent,
        ));

        return $handle;
    }

    private static function read(string $who, string $path): string
    {
        return self::all([self::handle($who, $path)])[0]['body'];
    }

    private static function handle(string $who, string $path): CurlHandle
    {
        $handle = curl_init(getenv('MARJORAM_TEST_URL').$path);
        assert($handle instanceof CurlHandle);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => self::$people[$who]['jar'],
            CURLOPT_COOKIEJAR => self::$people[$who]['jar'],
            CURLOPT_TIMEOUT => 60,
        ]);

        return $handle;
    }

    private static function tokenOf(string $page): string
    {
        preg_match('/name="_token"[^>]*value="([^"]+)"/', $page, $found);

        return $found[1] ?? '';
    }

    /**
     * So many at once as there are clients.
     *
     * @param  list<CurlHandle>  $handles
     * @return list<array{status: int, body: string}> in their order
     */
    private static function all(array $handles): array
    {
        $multi = curl_multi_init();
        $waiting = array_keys($handles);
        $running = 0;
        $copies = array_map(curl_copy_handle(...), $handles);
        do {
            while ($waiting !== [] && $running < self::CLIENTS) {
                $copy = $copies[array_shift($waiting)];
                assert($copy instanceof CurlHandle);
                curl_multi_add_handle($multi, $copy);
                $running++;
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0 || $waiting !== []);
        $answers = [];
        foreach ($copies as $copy) {
            assert($copy instanceof CurlHandle);
            $answers[] = [
                'status' => (int) curl_getinfo($copy, CURLINFO_RESPONSE_CODE),
                'body' => (string) curl_multi_getcontent($copy),
            ];
            curl_multi_remove_handle($multi, $copy);
            // Its cookies are written when it is closed.
            curl_close($copy);
        }
        curl_multi_close($multi);

        return $answers;
    }
}
